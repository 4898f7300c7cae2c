@php($shown = YokeLine\Marks\AsShown::of($bench->setout->plan))
@php([$why, $speak] = ["{$bench->url}/why/", App\Words\Speaker::in($bench->setout->write)])
<table class="table">
  <thead><tr><th scope="col">{{ __('common.page.what') }}</th><th scope="col">{{ $bench->setout->write->unit->value }}</th></tr></thead>
  <tbody>
    @foreach ($bench->setout->plan->sums() as $key => $sum)
      <tr><th scope="row">{{ ucfirst($speak->say($sum->says())) }}{{ $bench->numbers()->whichOf($key) }}</th><td><button type="button" class="number" data-why="{{ $why.$key }}">{{ $bench->setout->write->show($shown->sum($key, $sum)) }}</button></td></tr>
    @endforeach
  </tbody>
</table>
