<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'record.compare')" class="is-marks">
<main class="marks-page">
  <form class="compare-which" method="get">
    @foreach (['from' => $comparison->from, 'to' => $comparison->to] as $key => $chosen)<label>{{ __("record.page.compare-{$key}") }} <select class="form-select" name="{{ $key }}" data-submits>@foreach ($revisions->getCollection()->push($chosen)->unique('number')->sortBy('number') as $revision)<option value="{{ $revision->number }}" @selected($revision->number === $chosen->number)>{{ $revision->number }} · {{ $revision->created_at->translatedFormat('j M, H:i') }} · {{ Str::limit($revision->what->says(), 60) }}</option>@endforeach</select></label>@endforeach
    <noscript><button class="btn">{{ __('record.page.compare') }}</button></noscript>
  </form>
  {{ $revisions->links('frame.pages') }}
  @php([$drawings, $verdicts] = [$comparison->drawings(), $comparison->verdicts()])
  <div class="details">@foreach ([$comparison->from, $comparison->to] as $i => $revision)<figure>{!! $drawings[$i] !!}<figcaption>{{ __('record.page.change', ['number' => $revision->number, 'verdict' => $verdicts[$i]]) }}</figcaption></figure>@endforeach</div>
  @foreach (['changed' => $comparison->changes(), 'moved' => $comparison->numbers()] as $which => $rows)
    <h2>{{ __("record.page.{$which}") }}</h2>
    @if ($rows === [])<p>{{ __('record.page.nothing') }}</p>@else
    <table class="table"><thead><tr><th scope="col"></th><th scope="col">{{ __('record.page.change-2', ['number' => $comparison->from->number]) }}</th><th scope="col">{{ __('record.page.change-2', ['number' => $comparison->to->number]) }}</th></tr></thead><tbody>@foreach ($rows as [$name, $before, $after])<tr><th scope="row">{{ $name }}</th><td class="number">{{ $before }}</td><td class="number">{{ $after }}</td></tr>@endforeach</tbody></table>
    @endif
  @endforeach
</main>
</x-doorway>
