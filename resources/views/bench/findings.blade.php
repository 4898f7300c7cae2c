@php($setout = $bench->setout)
@php([$url, $why] = ["{$bench->url}/{$bench->station->value}/changes", "{$bench->url}/why/"])
<div class="verdict verdict-{{ $setout->verdict()->value }}" aria-live="polite">
  <h2><svg class="sign sign-{{ $setout->verdict()->sign() }}" aria-hidden="true"><use href="#sign-{{ $setout->verdict()->sign() }}"/></svg>{{ $setout->verdict()->says() }}</h2>
  <p>{{ $bench->toSettle() }}</p>
</div>
@foreach ($bench->notices as $notice)
  <div class="notice" role="status">{{ $notice->says }}
    @if ($notice->putBack)
      <button type="button" hx-post="{{ $url }}" hx-vals='@json(['changes' => json_encode($notice->putBack)])'>Put theirs back</button>
    @endif
  </div>
@endforeach
<ol class="findings">
  @foreach ($setout->findings as $finding)
    <li class="finding is-{{ $finding->severity->value }}" data-code="{{ $finding->code }}">
      <svg class="sign sign-{{ $finding->severity->value }}" aria-hidden="true"><use href="#sign-{{ $finding->severity->value }}"/></svg>
      <div>
        <h3><span class="visually-hidden">{{ ['stop' => 'Stop:', 'settle' => 'To settle:', 'note' => 'Note:', 'ok' => 'Fine:'][$finding->severity->value] }}</span>
          @if ($finding->where)<a href="{{ $bench->url }}/{{ $bench->stationOf($finding)->value }}#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $finding->where), '-') }}" data-goto>{{ $finding->says }}</a>@else{{ $finding->says }}@endif</h3>
        @if ($finding->more)<p>{{ $finding->more }}</p>@endif
        @if ($finding->cures)
          <ul class="cures">
            @foreach ($finding->cures as $cure)
              <li><button type="button" class="cure" hx-post="{{ $url }}" hx-vals='@json(['changes' => json_encode($cure->changes)])'>{{ $cure->says }}@if ($cure->effect)<small>{{ $cure->effect }}</small>@endif</button></li>
            @endforeach
          </ul>
        @endif
      </div>
    </li>
  @endforeach
</ol>
@if ($setout->plan)
  <details class="all-numbers">
    <summary>Every number of the drawing</summary>
    <table class="table">
      <thead><tr><th scope="col">What</th><th scope="col">{{ $setout->write->unit->value }}</th></tr></thead>
      <tbody>
        @foreach ($setout->plan->sums() as $key => $sum)
          <tr><th scope="row">{{ $sum->name }}{{ $bench->whichOf($key) }}</th><td><button type="button" class="number" data-why="{{ $why.$key }}">{{ $setout->write->show($sum->total) }}</button></td></tr>
        @endforeach
      </tbody>
    </table>
  </details>
@endif
