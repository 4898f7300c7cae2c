@use('YokeLine\Drawing\Loads')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Holding\Fasteners')
@use('YokeLine\Measure\Quantity')
@php([$write, $speak] = [$frame->setout()->write, App\Words\Speaker::in($frame->setout()->write)])
@php($used = fn (?YokeLine\Holding\Fixing $fixing): ?float => $fixing?->strength->utilisation)
@php($over = array_filter($anchoring->fixings, fn ($fixing) => ($used($fixing) ?? 0) > 1))
@php([$unit, $sold] = [['unit' => $write->unit->value], Fasteners::of($plan->doorway->units)])
@php($hardest = $used($anchoring->worst()))
<x-doorway :frame="$frame" class="is-marks">
<main class="marks-page">
  <p class="sheet-verdict"><b>{{ trans_choice('frame.loads.over', count($over)) }}</b>
    @if ($hardest !== null)
      {{ __('frame.loads.hardest', ['used' => $speak->amount(Quantity::share($hardest))]) }}
    @endif</p>
  <p>{{ __('frame.loads.why') }}</p>
  <figure class="wide">{!! Svg::write(Loads::of($plan, $speak)) !!}</figure>
  <div class="table-scroll"><table class="table">
    <thead><tr>
      <th scope="col">{{ __('frame.loads.of') }}</th>
      <th scope="col">{{ __('frame.loads.at', $unit) }}</th>
      <th scope="col">{{ __('frame.loads.up', $unit) }}</th>
      <th scope="col">{{ __('frame.loads.size', ['unit' => $plan->doorway->units->value]) }}</th>
      <th scope="col">{{ __('frame.loads.down') }}</th>
      <th scope="col">{{ __('frame.loads.out') }}</th>
      <th scope="col">{{ __('frame.loads.used') }}</th>
    </tr></thead>
    <tbody>
    @foreach ($anchoring->fixings as $fixing)
      @php($long = $fixing->length ? $sold->size($fixing->length) : '?')
      <tr @class(['refused' => ($used($fixing) ?? 0) > 1])>
        <th scope="row">{{ ucfirst($speak->say($fixing->called())) }}</th>
        <td class="number">{{ $write->showOnTape($fixing->x) }}</td>
        <td class="number">{{ $write->showOnTape($fixing->y) }}</td>
        <td class="number">{{ $sold->size($fixing->diameter) }} × {{ $long }}</td>
        <td class="number">{{ $speak->amount(Quantity::newtons($fixing->load->shear)) }}</td>
        <td class="number">{{ $speak->amount(Quantity::newtons($fixing->load->tension)) }}</td>
        @php($share = $used($fixing))
        <td class="number">
          {{ $share === null ? __('frame.loads.unknown') : $speak->amount(Quantity::share($share)) }}
        </td>
      </tr>
    @endforeach
    </tbody>
  </table></div>
</main>
</x-doorway>
