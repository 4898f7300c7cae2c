@props(['at'])
<nav class="places" aria-label="{{ __('top.page.beside-the-doorways') }}">
  @foreach (['jobs', 'board', 'shelf', 'rules'] as $route)
    <a href="{{ route($route) }}" @if ($at === $route) aria-current="page" @endif>{{ __("top.nav.{$route}") }}</a>
  @endforeach
</nav>
