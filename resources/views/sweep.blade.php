@php($say = fn (float $mm) => $write->show(YokeLine\Measure\Length::nm((int) round($mm * 1_000_000))))
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'wall.studs')" class="is-list">
<main class="list sweep">
  @foreach ($errors->all() as $error)<p class="refused" role="alert">{{ $error }}</p>@endforeach
  @if (! $sweep->isMeasured())
    <p class="nothing">{{ __('top.page.measure-wall-and-opening-first') }}</p>
  @else
    <p>{{ __('top.page.sweep-both-ways-at-three') }}</p>
    <div class="sweep-bar" data-sweep="{{ route('sweep.pass', $doorway) }}" data-heights="{{ json_encode($heights) }}">
      <button type="button" class="btn btn-primary" id="sweep">{{ __('top.page.sweep-up-both-ways', ['heights' => implode(', ', array_map(fn ($h) => $say($h), $heights))]) }}</button>
      <form method="post" action="{{ route('sweep.read', $doorway) }}" id="sweep-read">@csrf<textarea name="csv" hidden></textarea></form>
      <form method="post" action="{{ route('sweep.read', $doorway) }}" enctype="multipart/form-data">@csrf<label class="btn">{{ __('top.page.or-bring-in-a-trace') }}<input type="file" name="file" accept=".csv,text/csv" class="visually-hidden" data-submits></label></form>
      <span id="sweep-says" role="status"></span>
    </div>
    <canvas id="sweep-live" width="1040" height="190" aria-label="{{ __('top.page.what-the-scanner-feels-while') }}" @if ($trace === null) hidden @endif></canvas>
    @if ($trace)<script type="application/json" id="sweep-rows">{!! json_encode(array_map(fn ($one) => array_map(fn ($row) => [$row['x'], $row['density'], $row['ac']], array_merge(...$one->parts)), $trace->sweeps)) !!}</script>@endif
  @endif
  @if ($trace && $trace->problems)<ul class="refused">@foreach (array_slice($trace->problems, 0, 8) as $problem)<li>{{ App\Words\Refusals::say($problem) }}</li>@endforeach @if (count($trace->problems) > 8)<li>{{ __('top.page.and-more-rows-left-out', ['count' => count($trace->problems) - 8]) }}</li>@endif</ul>@endif
  @if ($scan)
    <h2>{{ trans_choice('top.page.studs', count($scan->studs)) }}, {{ trans_choice('top.page.live-zones', count($scan->zones)) }}@if ($scan->grid){{ __('top.page.on-a-grid-of', ['spacing' => $say($scan->grid->spacing)]) }}@endif</h2>
    <table class="table"><thead><tr><th scope="col">{{ __('top.page.middle-at', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('top.page.wide', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('top.page.it-is') }}</th><th scope="col">{{ __('top.page.how-sure') }}</th></tr></thead><tbody>
      @foreach ($scan->studs as $stud)
        <tr><td class="number">{{ $say($stud->x) }}</td><td class="number">{{ $say($stud->width) }}</td><td>{{ $stud->kind === 'double' ? __('top.page.a-doubled-stud') : __('top.page.a-stud') }}{{ $stud->offGrid ? __('top.page.off-the-grid') : '' }}</td><td class="number">{{ round($stud->confidence * 100) }} %</td></tr>
      @endforeach
      @foreach ($scan->others as $other)<tr><td class="number">{{ $say($other->x) }}</td><td class="number">{{ $say($other->width) }}</td><td>{{ $other->kind === 'pipe' ? __('top.page.no-stud') : __('top.page.solid-unknown') }}</td><td></td></tr>@endforeach
      @foreach ($scan->zones as $zone)<tr class="refused"><td class="number">{{ $say($zone[0]) }} – {{ $say($zone[1]) }}</td><td></td><td>{{ __('top.page.live-nothing-is-drilled-here') }}</td><td></td></tr>@endforeach
      @foreach ($scan->grid->lookAgain ?? [] as $x)<tr><td class="number">{{ $say($x) }}</td><td></td><td>{{ __('top.page.look-again-the-grid-has') }}</td><td></td></tr>@endforeach
    </tbody></table>
    <form method="post" action="{{ route('sweep.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><textarea name="csv" hidden>{{ $trace->toCsv() }}</textarea><button class="btn btn-primary">{{ __('top.page.take-them-into-the-survey') }}</button> <span class="group-note">{{ __('top.page.studs-measured-by-hand-or') }}</span></form>
  @endif
</main>
</x-doorway>
