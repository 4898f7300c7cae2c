<x-page :title="$here->doorway->name.', ways'" class="is-ways">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Ways for {{ $here->doorway->name }}</h1><a href="{{ route('bench', [$here->doorway, 'leaf']) }}">Back to the bench</a></div>
</header>
<main class="ways">
  <form class="weigh" id="weigh" aria-label="What matters" data-list="{{ route('ways.list', $here->doorway) }}">
    <h2>What matters here</h2>
    @foreach ($here->weights()->of as $purpose => $weight)
      <label for="w-{{ $purpose }}">{{ ['sight' => 'Not seen through', 'sound' => 'Not heard through', 'light' => 'Light when open', 'space' => 'A wide passage', 'looks' => 'Calm looks', 'ease' => 'Easy to hang', 'cost' => 'A low price'][$purpose] }}</label>
      <input id="w-{{ $purpose }}" name="{{ $purpose }}" type="range" min="0" max="10" value="{{ $weight }}">
    @endforeach
    <p class="group-note">They start from the purpose that is set under Door.</p>
    @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  </form>
  <section id="ways-list" aria-live="polite" aria-busy="true"><p class="nothing">Working …</p></section>
</main>
</x-page>
