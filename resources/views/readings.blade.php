<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'wall.readings')" class="is-list">
<main class="list readings">
  @foreach ($errors->all() as $error)<p class="refused" role="alert">{{ $error }}</p>@endforeach
  <form method="post" action="{{ route('readings.preview', $doorway) }}" enctype="multipart/form-data">@csrf
    <label for="text"><b>{{ __('top.page.a-table-of-readings') }}</b><span>{{ __('top.page.first-row') }} <code>{{ __('top.page.x-level') }}</code> {{ __('top.page.for-the-floor-or') }} <code>{{ __('top.page.place-value') }}</code> {{ __('top.page.for-a-survey-wall-from') }}</span></label>
    <textarea id="text" class="form-control number" name="text" rows="8" placeholder="{{ __('top.page.x-level') }}&#10;600,0&#10;1770,5">{{ $text }}</textarea>
    <p><label class="btn">{{ __('top.page.or-choose-a-file') }}<input type="file" name="file" accept=".csv,.txt,text/csv" class="visually-hidden" data-submits></label> <button class="btn btn-primary">{{ __('top.page.see-what-it-says') }}</button></p>
  </form>
  @if ($read)
    <h2>{{ __('top.page.rows-read-2-left-out', ['count' => count(array_filter(array_column($read->lines, 'ok'))), 'count2' => count($read->lines) - count(array_filter(array_column($read->lines, 'ok')))]) }}</h2>
    <table class="table"><thead><tr><th scope="col">{{ __('top.page.line') }}</th><th scope="col">{{ __('top.page.read-as') }}</th></tr></thead><tbody>
      @foreach ($read->lines as $line)<tr @class(['refused' => ! $line['ok']])><td class="number">{{ $line['line'] }}</td><td>{{ $say($line['says']) }}</td></tr>@endforeach
    </tbody></table>
    @if ($read->isUsable())
      <form method="post" action="{{ route('readings.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><textarea name="text" hidden>{{ $text }}</textarea><button class="btn btn-primary">{{ __('top.page.take-them') }}</button> <span class="group-note">{{ __('top.page.will-be-as-here-undo', ['changes' => implode(', ', array_map(fn (string $place) => App\Words\Places::name($place), array_keys($read->changes)))]) }}</span></form>
    @endif
  @endif
</main>
</x-doorway>
