<x-practice :title="__('practice.page.people')">
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
</x-practice>
