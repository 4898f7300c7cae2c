<x-page :title="$doorway->name.', compare'" class="is-marks">
@include('record.top', ['title' => 'Compare'])
<main class="marks-page">
  <form class="compare-which" method="get">
    @foreach (['from' => ['Change', $comparison->from], 'to' => ['with', $comparison->to]] as $key => [$label, $chosen])<label>{{ $label }} <select class="form-select" name="{{ $key }}" data-submits>@foreach ($revisions as $revision)<option value="{{ $revision->number }}" @selected($revision->number === $chosen->number)>{{ $revision->number }} · {{ $revision->created_at->format('j M, H:i') }} · {{ Str::limit($revision->what->says(), 60) }}</option>@endforeach</select></label>@endforeach
    <noscript><button class="btn">Compare</button></noscript>
  </form>
  @php([$drawings, $verdicts] = [$comparison->drawings(), $comparison->verdicts()])
  <div class="details">@foreach ([$comparison->from, $comparison->to] as $i => $revision)<figure>{!! $drawings[$i] !!}<figcaption>Change {{ $revision->number }}. {{ $verdicts[$i] }}</figcaption></figure>@endforeach</div>
  @foreach (['What was changed' => $comparison->changes(), 'Numbers that moved' => $comparison->numbers()] as $title => $rows)
    <h2>{{ $title }}</h2>
    @if ($rows === [])<p>Nothing.</p>@else
    <table class="table"><thead><tr><th scope="col"></th><th scope="col">Change {{ $comparison->from->number }}</th><th scope="col">Change {{ $comparison->to->number }}</th></tr></thead><tbody>@foreach ($rows as [$name, $before, $after])<tr><th scope="row">{{ $name }}</th><td class="number">{{ $before }}</td><td class="number">{{ $after }}</td></tr>@endforeach</tbody></table>
    @endif
  @endforeach
</main>
</x-page>
