@use('YokeLine\Drawing\Loads')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Holding\Fasteners')
@use('YokeLine\Measure\Quantity')
@php([$write, $speak] = [$frame->setout()->write, App\Words\Speaker::in($frame->setout()->write)])
@php($over = array_filter($anchoring->fixings, fn ($fixing) => ($fixing->utilisation ?? 0) > 1))
@php([$unit, $sold] = [['unit' => $write->unit->value], Fasteners::of($plan->doorway->units)])
<x-doorway :frame="$frame" class="is-marks">
<main class="marks-page">
  <p class="sheet-verdict"><b>{{ trans_choice('frame.loads.over', count($over)) }}</b>@if ($anchoring->worst()?->utilisation !== null) {{ __('frame.loads.hardest', ['used' => $speak->amount(Quantity::share($anchoring->worst()->utilisation))]) }}@endif</p>
  <p>{{ __('frame.loads.why') }}</p>
  <figure class="wide">{!! Svg::write(Loads::of($plan, $speak)) !!}</figure>
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">{{ __('frame.loads.of') }}</th><th scope="col">{{ __('frame.loads.at', $unit) }}</th><th scope="col">{{ __('frame.loads.up', $unit) }}</th><th scope="col">{{ __('frame.loads.size', ['unit' => $plan->doorway->units->value]) }}</th><th scope="col">{{ __('frame.loads.down') }}</th><th scope="col">{{ __('frame.loads.out') }}</th><th scope="col">{{ __('frame.loads.used') }}</th></tr></thead><tbody>
    @foreach ($anchoring->fixings as $fixing)
      <tr @class(['refused' => ($fixing->utilisation ?? 0) > 1])><th scope="row">{{ ucfirst($speak->say($fixing->called())) }}</th><td class="number">{{ $write->showOnTape($fixing->x) }}</td><td class="number">{{ $write->showOnTape($fixing->y) }}</td><td class="number">{{ $sold->size($fixing->diameter) }} × {{ $fixing->length ? $sold->size($fixing->length) : '?' }}</td><td class="number">{{ $speak->amount(Quantity::newtons($fixing->shear)) }}</td><td class="number">{{ $speak->amount(Quantity::newtons($fixing->tension)) }}</td><td class="number">{{ $fixing->utilisation === null ? __('frame.loads.unknown') : $speak->amount(Quantity::share($fixing->utilisation)) }}</td></tr>
    @endforeach
  </tbody></table></div>
</main>
</x-doorway>
