<x-job :job="$job" page="jobs.show" class="is-list">
<main class="list">
  @include('jobs.job', ['archived' => false])
  @if ($installers)
    <section class="crew-of" aria-labelledby="crew"><h2 id="crew">{{ __('firm.page.crew') }}</h2>
      @foreach ($installers as $one)<form method="post" action="{{ route('jobs.crew', $job) }}">@csrf<input type="hidden" name="person" value="{{ $one->id }}"><label><input type="checkbox" name="on" value="1" data-submits @checked($job->crew->contains($one))> {{ $one->name }}</label><noscript><button class="btn">{{ __('common.page.save') }}</button></noscript></form>@endforeach
    </section>
  @endif
</main>
</x-job>
