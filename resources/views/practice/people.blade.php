<x-page :title="__('practice.page.people')" at="practice" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('practice.page.people') }}</h1><a href="{{ route('practice') }}">{{ __('practice.page.home') }}</a></div></header>
<main class="list practice-people">
  @forelse ($records as $record)
    <section aria-label="{{ $record->name() }}">
      <h2>{{ $record->name() }}</h2>
      @include('practice.record')
      <p><a class="btn" href="{{ route('practice.certificate', $record->latest()) }}">{{ __('practice.page.certificate') }}</a></p>
    </section>
  @empty
    <p class="nothing">{{ __('practice.page.nobody') }}</p>
  @endforelse
</main>
</x-page>
