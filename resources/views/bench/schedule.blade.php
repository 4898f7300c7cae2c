@php($speak = App\Words\Speaker::in($bench->setout->write))
<table class="table schedule-table">
  <thead><tr><th scope="col">No.</th><th scope="col">Fixing</th><th scope="col">Bits</th><th scope="col">Depth</th></tr></thead>
  <tbody>
    @foreach ($bench->fixings() as $row)
      <tr><td class="number">{{ $row->count }}</td><td><b>{{ $row->diameter->toMm() }} × {{ $row->length?->toMm() ?? '?' }}</b> {{ $speak->say($row->says()) }}, into {{ $speak->say($row->into()) }}. <span>{{ ucfirst($speak->say($row->driver())) }}: {{ $speak->say($row->howTight()) }}.</span></td><td class="number">{{ implode(' → ', array_map(fn ($bit) => $bit->toMm(), $row->bits)) }}</td><td class="number">{{ $row->depth ? $row->depth->toMm() : '' }}</td></tr>
    @endforeach
  </tbody>
</table>
