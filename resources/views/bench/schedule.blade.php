@php($speak = App\Words\Speaker::in($bench->setout->write))
@php($unit = $bench->setout->doorway->units->value)
@php($sold = YokeLine\Holding\Fasteners::of($bench->setout->doorway->units))
<table class="table schedule-table">
  <thead><tr><th scope="col">{{ __('common.page.no') }}</th><th scope="col">{{ __('bench.page.fixing', ['unit' => $unit]) }}</th><th scope="col">{{ __('bench.page.bits', ['unit' => $unit]) }}</th><th scope="col">{{ __('bench.page.depth', ['unit' => $unit]) }}</th></tr></thead>
  <tbody>
    @foreach ($bench->fixings() as $row)
      <tr class="size"><td class="number">{{ $row->count }}</td><th scope="row">{{ $sold->size($row->diameter) }} × {{ $row->length ? $sold->size($row->length) : '?' }}</th><td class="number">{{ implode(' → ', array_map($sold->size(...), $row->bits)) }}</td><td class="number">{{ $row->depth ? $sold->size($row->depth) : '' }}</td></tr>
      <tr><td></td><td colspan="3">{{ __('bench.page.into', ['row' => ucfirst($speak->say($row->says())), 'into' => $speak->say($row->into())]) }} <span>{{ ucfirst($speak->say($row->driver())) }}: {{ $speak->say($row->howTight()) }}.</span></td></tr>
    @endforeach
  </tbody>
</table>
