@use('YokeLine\Drawing\Sure')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Measure\Length')
@use('App\Words\ClearanceWords')
@php([$write, $unsure, $picks] = [$form->setout->write, $form->unsure(), $form->picks()])
@php($mm = fn (float $mm) => $write->show(Length::nm((int) round($mm * 1_000_000))))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<div class="marks">
  <p class="sheet-verdict"><b>{{ $unsure === [] ? __('record.page.sure') : trans_choice('record.page.unsure', count($unsure)) }}</b></p>
  @if ($unsure)
    <div class="sure-drawn">{!! Svg::write(Sure::bars($unsure, App\Words\Speaker::in($write), ClearanceWords::row(...))) !!}<p class="group-note">{{ __('record.page.the-line-is-what-is') }}</p></div>
    <table class="table"><thead><tr><th scope="col">{{ __('record.page.clearance') }}</th><th scope="col">{{ __('record.page.is', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('record.page.usually', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('record.page.at-worst', ['unit' => $write->unit->value]) }}</th><th scope="col"></th></tr></thead><tbody>
      @foreach ($unsure as $row)<tr><th scope="row">{{ ucfirst(ClearanceWords::row($row->name)) }}</th><td class="number">{{ $write->show($row->value) }}</td><td class="number">{{ $mm($row->rss) }}</td><td class="number">{{ $mm($row->worst) }}</td><td>{{ __("record.page.clearances.{$row->verdict()}.says") }} {{ ClearanceWords::mattersMost($row, $form->setout->document) }}</td></tr>@endforeach
    </tbody></table>
    <div class="sure-drawn">{!! Svg::write(Sure::onWall($form->setout->plan, $unsure, App\Words\Speaker::in($write))) !!}</div>
  @endif
  @if ($picks)
    <h2>{{ __('record.page.a-little-more-or-less') }}</h2>
    <ul class="hand">@foreach ($picks as $pick)<li>{{ __('record.page.makes-it-instead-of-measure', ['document' => ClearanceWords::input($pick->input, $form->setout->document), 'absolute' => $write->showFine($pick->by->absolute()), 'less' => $pick->by->isPositive() ? __('record.page.more') : __('record.page.less'), 'pick' => __('sums.terms.'.strtr($pick->pick, '.', '-')), 'becomes' => $write->show($pick->becomes), 'now' => $write->show($pick->now)]) }}</li>@endforeach</ul>
  @endif
  <details><summary>{{ __('record.page.every-clearance') }}</summary>
    <table class="table"><thead><tr><th scope="col">{{ __('record.page.clearance') }}</th><th scope="col">{{ __('record.page.is', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('record.page.usually', ['unit' => $write->unit->value]) }}</th><th scope="col"></th></tr></thead><tbody>@foreach ($form->rows() as $row)<tr><th scope="row">{{ ucfirst(ClearanceWords::row($row->name)) }}</th><td class="number">{{ $write->show($row->value) }}</td><td class="number">{{ $mm($row->rss) }}</td><td>{{ $row->verdict() === null ? '' : __("record.page.clearances.{$row->verdict()}.short") }}</td></tr>@endforeach</tbody></table></details>
</div>
<section class="set" aria-label="{{ __('record.page.how-far-off') }}">@include('bench.fields')</section>
