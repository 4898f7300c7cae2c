@use('App\Firm\Here')
@use('App\Http\Editor')
@php([$editor, $person] = [Editor::here(), app(Here::class)->person()])
<header class="bar-top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <nav class="places" aria-label="{{ __('frame.places') }}">
    @foreach (App\Frame\Place::over() as $route)<a href="{{ route($route) }}" @if ($at === $route) aria-current="true" @endif>{{ __("top.nav.{$route}") }}</a>@endforeach
  </nav>
  <form class="find" method="get" action="{{ route('jobs') }}" role="search"><input type="search" name="q" value="{{ request()->routeIs('jobs') ? request()->query('q') : '' }}" placeholder="{{ __('frame.find') }}" aria-label="{{ __('frame.find') }}"></form>
  @if ($units)<x-units :shown="$units[0]" :own="$units[1]" />@endif
  <details class="me">
    <summary><span class="visually-hidden">{{ __('frame.you') }} </span>{{ $editor->name }}</summary>
    <form method="post" action="{{ route('editor') }}">@csrf
      @if ($person)<a href="{{ route('account') }}">{{ __('firm.page.account') }}</a>@else<label>{{ __('jobs.page.you-are') }} <input class="form-control" id="who" name="who" value="{{ $editor->name }}" maxlength="60" data-submits></label>@endif

      <label>{{ __('jobs.page.language') }} <select class="form-select" name="language" data-submits>@foreach (Editor::LANGUAGES as $language => $name)<option value="{{ $language }}" lang="{{ $language }}" @selected($language === app()->getLocale())>{{ $name }}</option>@endforeach</select></label>
      <noscript><button class="btn">{{ __('common.page.save') }}</button></noscript>
    </form>
  </details>
</header>
