@use('App\Board\Standing')
<x-page :title="__('top.nav.board')" at="board" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('jobs.page.board') }}</h1></div></header>
<main class="list board">
  <nav class="log-kinds" aria-label="{{ __('common.page.show-only') }}"><a href="{{ route('board') }}" @if ($only === null && ! $snags && ! $week) aria-current="true" @endif>{{ __('jobs.page.every-doorway') }}</a>@foreach (Standing::WAITS as $waits)<a href="{{ route('board', ['waits' => $waits]) }}" @if ($only === $waits) aria-current="true" @endif>{{ __("jobs.waits.{$waits}") }} <b>{{ $counts->waiting[$waits] ?? 0 }}</b></a>@endforeach <a href="{{ route('board', ['snags' => 1]) }}" @if ($snags) aria-current="true" @endif>{{ __('jobs.page.with-snags') }} <b>{{ $counts->snags }}</b></a> <a href="{{ route('board', ['week' => 1]) }}" @if ($week) aria-current="true" @endif>{{ __('jobs.page.touched-this-week') }}</a></nav>
  <table class="table"><thead><tr><th scope="col">{{ __('common.page.doorway') }}</th><th scope="col">{{ __('jobs.page.waits-for') }}</th><th scope="col">{{ __('jobs.page.next') }}</th><th scope="col">{{ __('common.page.snags') }}</th></tr></thead><tbody>
    @forelse ($doorways as $doorway)
      <tr class="waits-{{ $doorway->waits_for }}"><th scope="row"><a href="{{ route(Standing::PAGES[$doorway->waits_for] ?? 'site.steps', $doorway) }}">{{ $doorway->name }}</a><small>{{ $doorway->job->name }}</small></th><td>{{ __('jobs.waits.'.($doorway->waits_for ?? 'look')) }}</td><td>{{ $doorway->next->says() }}</td><td>{{ $doorway->snags ?: '' }}</td></tr>
    @empty<tr><td colspan="4">{{ __('jobs.page.nothing-here') }}</td></tr>@endforelse
  </tbody></table>
  {{ $doorways->links('frame.pages') }}
</main>
</x-page>
