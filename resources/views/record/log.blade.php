@use('App\Record\LogLine')
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'record.log')" class="is-marks">
<main class="marks-page log">
  <nav class="log-kinds" aria-label="{{ __('common.page.show-only') }}"><a href="{{ route('record.log', $doorway) }}" @if ($kind === '') aria-current="true" @endif>{{ __('record.page.everything') }}</a>@foreach (LogLine::KINDS as $one)<a href="{{ route('record.log', [$doorway, 'kind' => $one]) }}" @if ($kind === $one) aria-current="true" @endif>{{ LogLine::kind($one) }}</a>@endforeach <a href="{{ route('log.table', [$doorway, 'kind' => $kind]) }}">{{ __('record.page.give-out-as-csv') }}</a></nav>
  @if ($lines->isEmpty())<p>{{ __('record.page.nothing-yet') }}</p>@endif
  @foreach ($lines->groupBy(fn ($line) => $line->at->translatedFormat('j F Y')) as $day => $of)
    <h2>{{ $day }}</h2>
    <ol class="log-lines">@foreach ($of as $line)<li class="of-{{ $line->kind }}"><time>{{ $line->at->format('H:i') }}</time><div><p>{{ $line->says }}</p>@if ($line->photo)<a href="{{ route('photo', [$doorway, $line->photo]) }}"><img src="{{ route('photo', [$doorway, $line->photo]) }}" alt="{{ $line->says }}" loading="lazy"></a>@endif<small>{{ __('record.page.change-3', ['kind' => LogLine::kind($line->kind), 'who' => $line->who, 'change' => $line->change]) }}</small></div></li>@endforeach</ol>
  @endforeach
  {{ $lines->links('frame.pages') }}
</main>
</x-doorway>
