<x-job :job="$walk->job" page="jobs.show" class="is-site is-walk">
@include('survey.page')
</x-job>
