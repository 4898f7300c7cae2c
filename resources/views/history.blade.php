<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'record.changes')" class="is-list">
<main class="list">
  <div class="list-head"><h2>{{ __('top.page.every-change-the-newest-first') }}</h2></div>
  <table class="table history">
    <thead><tr><th scope="col">{{ __('common.page.no') }}</th><th scope="col">{{ __('top.page.when') }}</th><th scope="col">{{ __('top.page.who') }}</th><th scope="col">{{ __('common.page.what') }}</th><th scope="col"><span class="visually-hidden">{{ __('top.page.go-back') }}</span></th></tr></thead>
    <tbody>
      @foreach ($revisions as $revision)
        <tr @class(['is-current' => $revision->id === $doorway->revision_id])>
          <td class="number">{{ $revision->number }}</td><td>{{ $revision->created_at->translatedFormat('j M H:i') }}</td><td>{{ $revision->who }}</td><td>{{ $revision->what->saysWithUnits() }}</td>
          <td>@if ($revision->id === $doorway->revision_id)<b>{{ __('top.page.now') }}</b>@else<form method="post" action="{{ route('history.goto', [$doorway, $revision]) }}">@csrf<button class="btn">{{ __('top.page.go-back-to-this') }}<span class="visually-hidden">{{ __('top.page.revision', ['number' => $revision->number]) }}</span></button></form>@endif</td>
        </tr>
      @endforeach
    </tbody>
  </table>
  {{ $revisions->links('frame.pages') }}
</main>
</x-doorway>
