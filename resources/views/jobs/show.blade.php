<x-job :job="$job" page="jobs.show" class="is-list">
<main class="list">
  @include('jobs.job', ['archived' => false])
</main>
</x-job>
