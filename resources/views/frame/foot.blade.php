{{-- On a phone: what one goes to all the time, at the thumb. --}}
<nav class="bar-foot" aria-label="{{ __('frame.at-hand') }}">
  <a href="{{ route('jobs') }}" @if ($at === 'jobs' && ! $doorway) aria-current="true" @endif>{{ __('top.nav.jobs') }}</a>
  @if ($doorway)
    @foreach (['wall.walk' => 'measure', 'site.steps' => 'steps', 'record.log' => 'record'] as $route => $says)<a href="{{ App\Frame\Place::address($route, $doorway) }}" @if (request()->routeIs($route)) aria-current="page" @endif>{{ __("frame.foot.{$says}") }}</a>@endforeach
  @endif
  <details>
    <summary>{{ __('frame.foot.more') }}</summary>
    <div>
      @if ($doorway)
        @foreach (App\Frame\Place::cases() as $place)
          <p><b>{{ $place->says() }}</b> @foreach ($place->pages() as $page)<a href="{{ $place::address($page, $doorway) }}">{{ __("frame.pages.{$page}") }}</a>@endforeach</p>
        @endforeach
      @endif
      <p>@foreach (App\Frame\Place::over() as $route)<a href="{{ route($route) }}">{{ __("top.nav.{$route}") }}</a>@endforeach</p>
    </div>
  </details>
</nav>
