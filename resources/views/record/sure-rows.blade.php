@use('YokeLine\Drawing\Sure')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Measure\Length')
@use('App\Words\ClearanceWords')
@php([$write, $unsure, $picks] = [$form->setout->write, $form->unsure(), $form->picks()])
@php($mm = fn (float $mm) => $write->show(Length::nm((int) round($mm * 1_000_000))))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<section class="set" aria-label="How far off">@include('bench.fields')</section>
<div class="marks">
  <p class="sheet-verdict"><b>{{ $unsure === [] ? 'Sure: no clearance can be eaten up by what these tools can miss.' : (count($unsure) === 1 ? 'One clearance' : count($unsure).' clearances').' can be eaten up by what these tools can miss.' }}</b></p>
  @if ($unsure)
    <div class="sure-drawings"><div>{!! Svg::write(Sure::bars($unsure, App\Words\Speaker::in($write), ClearanceWords::row(...))) !!}<p class="group-note">The line is what is wanted; the dark band is as errors usually add up, the light one if all go wrong at once.</p></div><div>{!! Svg::write(Sure::onWall($form->setout->plan, $unsure, App\Words\Speaker::in($write))) !!}</div></div>
    <table class="table"><thead><tr><th scope="col">Clearance</th><th scope="col">Is</th><th scope="col">Usually ±</th><th scope="col">At worst ±</th><th scope="col"></th></tr></thead><tbody>
      @foreach ($unsure as $row)<tr><th scope="row">{{ ucfirst(ClearanceWords::row($row->name)) }}</th><td class="number">{{ $write->show($row->value) }}</td><td class="number">{{ $mm($row->rss) }}</td><td class="number">{{ $mm($row->worst) }}</td><td>{{ ['fits' => 'Fits; only if everything goes wrong at once does it not.', 'tight' => 'Fits, but by less than your tape can tell.', 'fails' => 'Does not fit.'][$row->verdict()] }} {{ ClearanceWords::mattersMost($row, $form->setout->document) }}</td></tr>@endforeach
    </tbody></table>
  @endif
  @if ($picks)
    <h2>A little more or less would choose otherwise</h2>
    <ul class="hand">@foreach ($picks as $pick)<li>{{ ClearanceWords::input($pick->input, $form->setout->document) }}: {{ $write->exact($pick->by->absolute()) }} {{ $pick->by->isPositive() ? 'more' : 'less' }} makes it {{ strtr($pick->pick, '.', ' ') }} {{ $write->show($pick->becomes) }} instead of {{ $write->show($pick->now) }}. Measure it again before you order.</li>@endforeach</ul>
  @endif
  <details><summary>Every clearance</summary>
    <table class="table"><tbody>@foreach ($form->rows() as $row)<tr><th scope="row">{{ ucfirst(ClearanceWords::row($row->name)) }}</th><td class="number">{{ $write->show($row->value) }}</td><td class="number">± {{ $mm($row->rss) }}</td><td>{{ $row->verdict() }}</td></tr>@endforeach</tbody></table></details>
</div>
