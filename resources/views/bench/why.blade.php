<form method="dialog"><button class="close" aria-label="{{ __('bench.page.close') }}">×</button></form>
@include('bench.sum')
@if ($sum->total->toMm() != $sum->total->roundedTo($write->unit->step())->toMm())
  <p class="group-note">{{ __('bench.page.shown-to-kept-as', ['in' => $write->unit->value === 'mm' ? '1 mm' : '1/16 in', 'sum' => $write->exact($sum->total)]) }}</p>
@endif
