@php($setout = $bench->setout)
<div class="verdict verdict-{{ $setout->verdict()->value }}" aria-live="polite">
  <h2 tabindex="-1"><svg class="sign sign-{{ $setout->verdict()->sign() }}" aria-hidden="true"><use href="#sign-{{ $setout->verdict()->sign() }}"/></svg>{{ App\Words\Speaker::in($setout->write)->say($setout->verdict()->says()) }}</h2>
  <p>{{ $bench->toSettle() }}</p>
</div>
@foreach ($bench->astray() as $says)<div class="notice" role="alert">{{ $says }}</div>@endforeach
@foreach ($bench->asks() as $says)<div class="notice asks" role="alert">{{ $says }}</div>@endforeach
@foreach ($bench->notices as $notice)
  <div class="notice" role="status">{{ $notice->says->says() }}
    @if ($notice->putBack)
      <button type="button" data-change='@json(['changes' => json_encode($notice->putBack)])'
        >{{ __('bench.page.put-theirs-back') }}</button>
    @endif
  </div>
@endforeach
@if ($setout->verdict() === YokeLine\Inspection\Verdict::FitsIf)
@include('bench.assumed')
@include('bench.found')
@else
@include('bench.found')
@include('bench.assumed')
@endif
@if ($setout->plan && $bench->station === App\Bench\Station::Anchors)
  <details class="schedule" id="schedule" open>
    <summary>{{ __('bench.page.fixings-to-have-at-hand') }}</summary>
    @include('bench.schedule')
    <p class="group-note">{{ __('bench.page.a-guide-for-choosing-and') }}</p>
  </details>
@endif
@if ($setout->plan)
  <details class="all-numbers" id="all-numbers" data-numbers="{{ $bench->url }}/numbers">
    <summary>{{ __('bench.page.every-number-of-the-drawing') }}</summary>
    <div class="numbers"></div>
  </details>
@endif
