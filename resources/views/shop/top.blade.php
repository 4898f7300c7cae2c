<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __("shop.nav.{$at}") }}, {{ $job->name }}</h1><a href="{{ route('jobs') }}">{{ __('common.page.back-to-the-jobs') }}</a></div>
  <nav class="pair" aria-label="{{ __('shop.page.buying-and-time') }}">@foreach (['materials', 'supply', 'day-plan', 'documents'] as $route)<a href="{{ route($route, $job) }}" @if ($at === $route) aria-current="page" @endif>{{ __("shop.nav.{$route}") }}</a>@endforeach</nav>
  <button type="button" class="btn" id="print">{{ __('common.page.print') }}</button>
</header>
