@use('YokeLine\Marks\Heights')
@use('YokeLine\Marks\MarkId')
@php([$marks, $places] = [Heights::marks($plan), Heights::of($plan)])
<section aria-label="{{ __('marks.page.heights') }}">
  <h2>{{ __('marks.page.up-from', ['from' => __('words.datum.'.$plan->doorway->survey->datum()->value)]) }}</h2>
  @if ($marking->heights === 'laser')
    @if ($form->laser() === null)
      <p>{{ __('marks.page.set-the-laser-anywhere-along', ['high_spot' => $write->showOnTape(Heights::highSpot($plan))]) }}</p>
    @else
      <p>{{ __('marks.page.every-mark-from-the-lasers') }}</p>
      <table class="table"><tbody>@foreach ($marks as $mark)@php($off = $mark->place->minus($form->laser()))<tr><th scope="row">{{ ucfirst($speak->say($mark->id->says())) }}</th><td class="number">{{ $write->showOnTape($off->absolute()) }}</td><td>{{ $off->isZero() ? __('marks.page.on-the-laser') : ($off->isNegative() ? __('marks.page.below-the-laser') : __('marks.page.above-the-laser')) }}</td></tr>@endforeach</tbody></table>
    @endif
  @else
    <p>{{ $marking->heights === 'level' ? __('marks.page.one-height') : __('marks.page.each-height', ['count' => count($places)]) }}</p>
    <table class="table heights"><thead><tr><th scope="col">{{ __('marks.page.at', ['unit' => $write->unit->value]) }}</th>@foreach ($marks as $mark)<th scope="col">{{ ucfirst($speak->say($mark->id->says())) }}</th>@endforeach</tr></thead><tbody>
      @foreach ($places as $height)<tr @class(['is-check' => $height->how === 'check'])><th scope="row">{{ ucfirst($speak->say(MarkId::of($height->place)->says())) }}, {{ $write->showOnTape($height->x) }}@if ($height->how === 'check') <small>{{ __('marks.page.check') }}</small>@endif</th>@foreach ($height->readings as $reading)<td class="number">{{ $write->showOnTape($reading->shown) }}</td>@endforeach</tr>@endforeach
    </tbody></table>
  @endif
</section>
