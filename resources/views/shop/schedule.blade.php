<x-page :title="__('top.nav.schedule')" at="schedule" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('shop.schedule.title') }}</h1></div></header>
<main class="list schedules">
  @forelse ($jobs as $job)
    <section aria-labelledby="job-{{ $job->id }}">
      <h2 id="job-{{ $job->id }}"><a href="{{ route('day-plan', $job) }}">{{ $job->name }}</a></h2>
      <div hx-get="{{ route('schedule.job', $job) }}" hx-trigger="load" aria-busy="true" aria-live="polite"><p class="nothing">{{ __('shop.schedule.planning') }}</p></div>
    </section>
  @empty<p class="nothing">{{ __('shop.schedule.none') }}</p>@endforelse
  {{ $jobs->links('frame.pages') }}
</main>
</x-page>
