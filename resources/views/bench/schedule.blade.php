@php($speak = App\Words\Speaker::in($bench->setout->write))
<table class="table schedule-table">
  <thead><tr><th scope="col">{{ __('common.page.no') }}</th><th scope="col">{{ __('bench.page.fixing') }}</th><th scope="col">{{ __('bench.page.bits') }}</th><th scope="col">{{ __('bench.page.depth') }}</th></tr></thead>
  <tbody>
    @foreach ($bench->fixings() as $row)
      <tr><td class="number">{{ $row->count }}</td><td><b>{{ $row->diameter->toMm() }} × {{ $row->length?->toMm() ?? '?' }}</b> {{ __('bench.page.into', ['row' => $speak->say($row->says()), 'into' => $speak->say($row->into())]) }} <span>{{ ucfirst($speak->say($row->driver())) }}: {{ $speak->say($row->howTight()) }}.</span></td><td class="number">{{ implode(' → ', array_map(fn ($bit) => $bit->toMm(), $row->bits)) }}</td><td class="number">{{ $row->depth ? $row->depth->toMm() : '' }}</td></tr>
    @endforeach
  </tbody>
</table>
