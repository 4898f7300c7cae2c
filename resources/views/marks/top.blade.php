<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __("marks.nav.{$at}") }}, {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'rail']) }}">{{ __('common.page.back-to-the-bench') }}</a></div>
  <nav class="pair" aria-label="{{ __('marks.page.from-plan-to-pencil') }}">@foreach (['marks', 'parts', 'order', 'sheet'] as $route)<a href="{{ route($route, $doorway) }}" @if ($at === $route) aria-current="page" @endif>{{ __("marks.nav.{$route}") }}</a>@endforeach</nav>
  <x-units :shown="$setout->write->unit" :own="$setout->doorway->units" />
  @isset($print)<a class="btn" href="{{ $print }}">{{ __('common.page.print') }}</a>@else<button type="button" class="btn" id="print">{{ __('common.page.print') }}</button>@endisset
</header>
