@php($speak ??= App\Words\Speaker::in($write))
<div class="sum">
  <h3>{{ ucfirst($speak->say($sum->says())) }} <b>{{ $write->showFine($sum->total) }}</b></h3>
  @if ($sum->note)<p>{{ ucfirst($speak->say($sum->notes())) }}.</p>@endif
  @if (in_array($sum->kind, ['greatest', 'least'], true))<p>{{ __("sums.{$sum->kind}") }}</p>@endif
  <ul>
    @foreach ($sum->terms() as $term)
      @php($isSlipped = isset($slipped) && $slipped->term === $term->name)
      <li @class(['ruled' => $sum->ruledBy() === $term->name, 'slipped' => $isSlipped])>
        @if ($term->sum)
          <details @isset($slipped) open @endisset><summary><span class="sign-of">{{ $term->sign === 1 ? ($loop->first || $sum->kind !== 'sum' ? '' : '+') : '−' }}</span>{{ $speak->say($term->says()) }} <b>{{ $write->showFine($term->value) }}</b></summary>@include('bench.sum', ['sum' => $term->sum])</details>
        @else
          <span class="sign-of">{{ $term->sign === 1 ? ($loop->first || $sum->kind !== 'sum' ? '' : '+') : '−' }}</span>{{ $speak->say($term->says()) }} <b>{{ $write->showFine($term->value) }}</b>
        @endif
        @if ($isSlipped)<em>{{ __("practice.placed.{$slipped->kind->value}") }}</em>@endif
      </li>
    @endforeach
    @php($off = $sum->roundedOff($write->fine(...)))
    @unless ($off->isZero())<li><span class="sign-of">{{ $off->isNegative() ? '−' : '+' }}</span>{{ __('sums.rounding') }} <b>{{ $write->showFine($off->absolute()) }}</b></li>@endunless
  </ul>
</div>
