@use('App\Board\Standing')
<x-page title="Board" class="is-list">
<header class="top"><a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a><div class="whose"><h1>Board</h1><a href="{{ route('jobs') }}">Back to the jobs</a></div><x-places at="board" /></header>
<main class="list board">
  <nav class="log-kinds" aria-label="Show only"><a href="{{ route('board') }}" @if ($only === null && ! $snags && ! $week) aria-current="true" @endif>every doorway</a>@foreach (Standing::WAITS as $waits => $says)<a href="{{ route('board', ['waits' => $waits]) }}" @if ($only === $waits) aria-current="true" @endif>{{ $says }} <b>{{ $counts[$waits]->many ?? 0 }}</b></a>@endforeach <a href="{{ route('board', ['snags' => 1]) }}" @if ($snags) aria-current="true" @endif>with snags <b>{{ $counts->sum('snags') }}</b></a> <a href="{{ route('board', ['week' => 1]) }}" @if ($week) aria-current="true" @endif>touched this week</a></nav>
  <table class="table"><thead><tr><th scope="col">Doorway</th><th scope="col">Waits for</th><th scope="col">Next</th><th scope="col">Snags</th></tr></thead><tbody>
    @forelse ($doorways as $doorway)
      <tr class="waits-{{ $doorway->waits_for }}"><th scope="row"><a href="/doorways/{{ $doorway->id }}/{{ Standing::STATIONS[$doorway->waits_for] ?? 'site' }}">{{ $doorway->name }}</a><small>{{ $doorway->job->name }}</small></th><td>{{ Standing::WAITS[$doorway->waits_for] ?? 'to be looked at' }}</td><td>{{ $doorway->next }}</td><td>{{ $doorway->snags ?: '' }}</td></tr>
    @empty<tr><td colspan="4">Nothing here.</td></tr>@endforelse
  </tbody></table>
  {{ $doorways->links('jobs.pages') }}
</main>
</x-page>
