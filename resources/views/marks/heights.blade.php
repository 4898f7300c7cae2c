@use('YokeLine\Marks\Heights')
@use('YokeLine\Marks\MarkId')
@php([$marks, $places] = [Heights::marks($plan), Heights::of($plan)])
<section aria-label="Heights">
  <h2>Up from the floor</h2>
  @if ($marking->heights === 'laser')
    @if ($form->laser() === null)
      <p>Set the laser anywhere along the wall and type what the tape reads up to it at the high spot, {{ $write->show(Heights::highSpot($plan)) }} along.</p>
    @else
      <p>Every mark from the laser’s line, anywhere along the wall:</p>
      <table class="table"><tbody>@foreach ($marks as $mark)@php($off = $mark->place->minus($form->laser()))<tr><th scope="row">{{ ucfirst($speak->say($mark->id->says())) }}</th><td class="number">{{ $write->show($off->absolute()) }}</td><td>{{ $off->isZero() ? 'on the laser' : ($off->isNegative() ? 'below the laser' : 'above the laser') }}</td></tr>@endforeach</tbody></table>
    @endif
  @else
    <p>{{ $marking->heights === 'level' ? 'One hooking, at the high spot; carry that height along with a level. What the tape reads elsewhere is there to check by.' : count($places).' hookings: the floor falls, so each place has its own reading.' }}</p>
    <table class="table heights"><thead><tr><th scope="col">At</th>@foreach ($marks as $mark)<th scope="col">{{ ucfirst($speak->say($mark->id->says())) }}</th>@endforeach</tr></thead><tbody>
      @foreach ($places as $height)<tr @class(['is-check' => $marking->heights === 'level' && $height->place !== 'high-spot'])><th scope="row">{{ ucfirst($speak->say(MarkId::of($height->place)->says())) }}, {{ $write->show($height->x) }}@if ($marking->heights === 'level' && $height->place !== 'high-spot') <small>check</small>@endif</th>@foreach ($height->readings as $reading)<td class="number">{{ $write->show($reading->shown) }}</td>@endforeach</tr>@endforeach
    </tbody></table>
  @endif
</section>
