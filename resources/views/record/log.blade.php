@use('App\Record\LogLine')
<x-page :title="$doorway->name.', log'" class="is-marks">
@include('record.top', ['title' => 'Log'])
<main class="marks-page log">
  <nav class="log-kinds" aria-label="Show only"><a href="{{ route('log', $doorway) }}" @if ($kind === '') aria-current="true" @endif>everything</a>@foreach (LogLine::KINDS as $one)<a href="{{ route('log', [$doorway, 'kind' => $one]) }}" @if ($kind === $one) aria-current="true" @endif>{{ LogLine::kind($one) }}</a>@endforeach <a href="{{ route('log.table', [$doorway, 'kind' => $kind]) }}">Give out as CSV</a></nav>
  @if ($lines === [])<p>Nothing yet.</p>@endif
  @foreach (collect($lines)->groupBy(fn ($line) => $line->at->format('j F Y')) as $day => $of)
    <h2>{{ $day }}</h2>
    <ol class="log-lines">@foreach ($of as $line)<li class="of-{{ $line->kind }}"><time>{{ $line->at->format('H:i') }}</time><div><p>{{ $line->says }}</p>@if ($line->photo)<a href="{{ route('photo', [$doorway, $line->photo]) }}"><img src="{{ route('photo', [$doorway, $line->photo]) }}" alt="{{ $line->says }}" loading="lazy"></a>@endif<small>{{ LogLine::kind($line->kind) }} · {{ $line->who }} · change {{ $line->change }}</small></div></li>@endforeach</ol>
  @endforeach
</main>
</x-page>
