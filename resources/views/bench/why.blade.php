<form method="dialog"><button class="close" aria-label="Close">×</button></form>
@include('bench.sum')
@if ($sum->total->toMm() != $sum->total->roundedTo($write->unit->step())->toMm())
  <p class="group-note">Shown to {{ $write->unit->value === 'mm' ? '1 mm' : '1/16 in' }}; kept as {{ $write->exact($sum->total) }}.</p>
@endif
