<nav class="stations" aria-label="{{ __('bench.page.stations-of-the-work') }}">
  @foreach (App\Frame\Place::cases() as $place)
    <a href="{{ $place::address($place->pages()[0], $frame->doorway) }}" @class(['station', 'is-here' => $place === $frame->place, 'is-done' => $done = $howFar->isDone($place)]) @if ($place === $frame->place) aria-current="step" @endif><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ $place->says() }}@if ($done)<span class="visually-hidden">{{ __('bench.page.settled') }}</span>@endif</a>
  @endforeach
</nav>
@include('frame.chip')
<nav class="tabs" aria-label="{{ $frame->place->says() }}">
  @foreach ($frame->place->pages() as $page)<a href="{{ $frame->place::address($page, $frame->doorway) }}" @if ($page === $frame->page) aria-current="page" @endif>{{ __("frame.pages.{$page}") }}</a>@endforeach
</nav>
