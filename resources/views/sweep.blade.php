@php($say = fn (float $mm) => $write->show(YokeLine\Measure\Length::nm((int) round($mm * 1_000_000))))
<x-page :title="$doorway->name.', sweep'" class="is-list">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Sweep the wall of {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'anchors']) }}">Back to the bench</a></div>
</header>
<main class="list sweep">
  @foreach ($errors->all() as $error)<p class="refused" role="alert">{{ $error }}</p>@endforeach
  @if (! $sweep->isMeasured())
    <p class="nothing">Measure wall and opening first: a sweep runs along them.</p>
  @else
    <p>Sweep both ways at three heights: a head is late in the direction it moves, and what is there at one height only is no stud. The scanner here is simulated.</p>
    <div class="sweep-bar" data-sweep="{{ route('sweep.pass', $doorway) }}" data-heights="{{ json_encode($heights) }}">
      <button type="button" class="btn btn-primary" id="sweep">Sweep {{ implode(', ', array_map(fn ($h) => $say($h), $heights)) }} up, both ways</button>
      <form method="post" action="{{ route('sweep.read', $doorway) }}" id="sweep-read">@csrf<textarea name="csv" hidden></textarea></form>
      <form method="post" action="{{ route('sweep.read', $doorway) }}" enctype="multipart/form-data">@csrf<label class="btn">Or bring in a trace<input type="file" name="file" accept=".csv,text/csv" class="visually-hidden" data-submits></label></form>
      <span id="sweep-says" role="status"></span>
    </div>
    <canvas id="sweep-live" width="1040" height="190" aria-label="What the scanner feels while it is swept" @if ($trace === null) hidden @endif></canvas>
    @if ($trace)<script type="application/json" id="sweep-rows">{!! json_encode(array_map(fn ($one) => array_map(fn ($row) => [$row['x'], $row['density'], $row['ac']], array_merge(...$one->parts)), $trace->sweeps)) !!}</script>@endif
  @endif
  @if ($trace && $trace->problems)<ul class="refused">@foreach (array_slice($trace->problems, 0, 8) as $problem)<li>{{ $problem }}</li>@endforeach @if (count($trace->problems) > 8)<li>and {{ count($trace->problems) - 8 }} more rows left out</li>@endif</ul>@endif
  @if ($scan)
    <h2>{{ count($scan->studs) }} studs, {{ count($scan->zones) === 0 ? 'no live zone' : (count($scan->zones) === 1 ? 'one live zone' : count($scan->zones).' live zones') }}@if ($scan->grid), on a grid of {{ $say($scan->grid->spacing) }}@endif</h2>
    <table class="table"><thead><tr><th scope="col">Middle at</th><th scope="col">Wide</th><th scope="col">It is</th><th scope="col">How sure</th></tr></thead><tbody>
      @foreach ($scan->studs as $stud)
        <tr><td class="number">{{ $say($stud->x) }}</td><td class="number">{{ $say($stud->width) }}</td><td>{{ $stud->kind === 'double' ? 'a doubled stud' : 'a stud' }}{{ $stud->offGrid ? ', off the grid' : '' }}</td><td class="number">{{ round($stud->confidence * 100) }} %</td></tr>
      @endforeach
      @foreach ($scan->others as $other)<tr><td class="number">{{ $say($other->x) }}</td><td class="number">{{ $say($other->width) }}</td><td>{{ $other->kind === 'pipe' ? 'pipe, cable or a line of screws: no stud' : 'solid, unknown: drill a pilot to find out' }}</td><td></td></tr>@endforeach
      @foreach ($scan->zones as $zone)<tr class="refused"><td class="number">{{ $say($zone[0]) }} – {{ $say($zone[1]) }}</td><td></td><td>live: nothing is drilled here</td><td></td></tr>@endforeach
      @foreach ($scan->grid->lookAgain ?? [] as $x)<tr><td class="number">{{ $say($x) }}</td><td></td><td>look again: the grid has a place here and nothing was found</td><td></td></tr>@endforeach
    </tbody></table>
    <form method="post" action="{{ route('sweep.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><textarea name="csv" hidden>{{ $trace->toCsv() }}</textarea><button class="btn btn-primary">Take them into the survey</button> <span class="group-note">Studs measured by hand or proved by a pilot hole stay and win. Live zones are kept as cables; isolate before opening a wall.</span></form>
  @endif
</main>
</x-page>
