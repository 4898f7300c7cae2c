<x-doorway :frame="new App\Frame\DoorwayFrame($here->doorway, 'door.options')" class="is-ways">
<main class="ways">
  <form class="weigh" id="weigh" aria-label="{{ __('ways.page.what-matters') }}" data-list="{{ route('ways.list', $here->doorway) }}">
    <h2>{{ __('ways.page.what-matters-here') }}</h2>
    @foreach ($here->weights()->of as $purpose => $weight)
      <label for="w-{{ $purpose }}">{{ __("ways.purposes.{$purpose}") }}</label>
      <input id="w-{{ $purpose }}" name="{{ $purpose }}" type="range" min="0" max="10" value="{{ $weight }}">
    @endforeach
    <p class="group-note">{{ __('ways.page.they-start-from-the-purpose') }}</p>
    <h2>{{ __('bench.made.costs') }}</h2>
    @foreach ($here->madeCost() as $says)<p>{{ $says }}</p>@endforeach
    <p class="group-note">{{ __('ways.page.build-it') }} <a href="{{ route('door.made', $here->doorway) }}">{{ __('frame.pages.door.made') }}</a></p>
    @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  </form>
  <section id="ways-list" aria-live="polite" aria-busy="true"><p class="nothing">{{ __('ways.page.working') }}</p></section>
</main>
</x-doorway>
