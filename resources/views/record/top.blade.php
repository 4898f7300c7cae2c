<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __("record.nav.{$at}") }}, {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'rail']) }}">{{ __('common.page.back-to-the-bench') }}</a></div>
  <nav class="pair" aria-label="{{ __('record.page.the-record') }}">@foreach (['offer', 'site', 'log', 'compare', 'sure', 'prove', 'hand-over'] as $route)<a href="{{ route($route, $doorway) }}" @if ($at === $route) aria-current="page" @endif>{{ __("record.nav.{$route}") }}</a>@endforeach</nav>
  <x-units :shown="$setout->write->unit" :own="$setout->doorway->units" />
  <button type="button" class="btn" id="print">{{ __('common.page.print') }}</button>
</header>
