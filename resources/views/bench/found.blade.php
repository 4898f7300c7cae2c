@php($setout = $bench->setout)
@php($speak = App\Words\Speaker::in($setout->write))
<ol class="findings"@unless ($bench->hasCures) data-cures="{{ $bench->url }}/{{ $bench->station->value }}/findings" aria-busy="true" @endunless>
  @foreach ($setout->findings as $finding)
    <li class="finding is-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}">
      <svg class="sign sign-{{ $finding->severity->value }}" aria-hidden="true"><use href="#sign-{{ $finding->severity->value }}"/></svg>
      <div>
        <h3><span class="visually-hidden">{{ $speak->say($finding->severity->says()) }}:</span>
          @if ($finding->where)<a href="{{ route($bench->stationOf($finding)->page(), $bench->doorway) }}#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $finding->where), '-') }}" data-goto>{{ $speak->say($finding->says()) }}</a>@else{{ $speak->say($finding->says()) }}@endif</h3>
        @if ($more = $speak->say($finding->more()))<p>{!! App\Words\Terms::linked($more) !!}</p>@endif
        @if ($bench->hasCures && $finding->cures === [] && $finding->severity === YokeLine\Inspection\Severity::Stop && $finding->where !== '')<p>{{ __('bench.page.no-cure', ['what' => App\Words\Places::name($finding->where, $setout->document)]) }}</p>@endif
        @if ($finding->cures)
          <ul class="cures">
            @foreach ($finding->cures as $cure)
              <li><button type="button" class="cure" data-change='@json(['changes' => json_encode($cure->changes)])'
                >{{ $speak->say($cure->says()) }}@if ($cure->effect)<small
                >{{ implode(', ', array_map($speak->say(...), $cure->effects())) }}</small>@endif</button></li>
            @endforeach
          </ul>
        @endif
      </div>
    </li>
  @endforeach
  @foreach ($bench->unsure() as $says)
    <li class="finding is-note" data-code="not-sure"><svg class="sign sign-note" aria-hidden="true"><use href="#sign-note"/></svg><div><h3><span class="visually-hidden">{{ __('bench.page.note') }}</span><a href="{{ $bench->url }}/sure">{{ $says }}</a></h3></div></li>
  @endforeach
</ol>
@if ($bench->hasMoreCures)<p class="group-note">{{ __('bench.page.cures-are-tried-for-the') }}</p>@endif
