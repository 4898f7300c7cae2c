<x-page :title="__('ways.page.ways-for', ['name' => $here->doorway->name])" class="is-ways">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __('ways.page.ways-for', ['name' => $here->doorway->name]) }}</h1><a href="{{ route('bench', [$here->doorway, 'leaf']) }}">{{ __('common.page.back-to-the-bench') }}</a></div>
</header>
<main class="ways">
  <form class="weigh" id="weigh" aria-label="{{ __('ways.page.what-matters') }}" data-list="{{ route('ways.list', $here->doorway) }}">
    <h2>{{ __('ways.page.what-matters-here') }}</h2>
    @foreach ($here->weights()->of as $purpose => $weight)
      <label for="w-{{ $purpose }}">{{ __("ways.purposes.{$purpose}") }}</label>
      <input id="w-{{ $purpose }}" name="{{ $purpose }}" type="range" min="0" max="10" value="{{ $weight }}">
    @endforeach
    <p class="group-note">{{ __('ways.page.they-start-from-the-purpose') }}</p>
    @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  </form>
  <section id="ways-list" aria-live="polite" aria-busy="true"><p class="nothing">{{ __('ways.page.working') }}</p></section>
</main>
</x-page>
