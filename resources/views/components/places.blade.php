@props(['at'])
<nav class="places" aria-label="Beside the doorways">
  @foreach (['jobs' => 'Jobs', 'board' => 'Board', 'shelf' => 'Shelf', 'rules' => 'House rules'] as $route => $label)
    <a href="{{ route($route) }}" @if ($at === $route) aria-current="page" @endif>{{ $label }}</a>
  @endforeach
</nav>
