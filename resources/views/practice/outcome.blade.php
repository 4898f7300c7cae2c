@use('YokeLine\Practice\Ask')
<x-practice :title="$outcome->page->title()">
<main class="practice-outcome" data-practised="{{ $outcome->round->id }}">
  @php([$happens, $findings] = [$outcome->happens(), $outcome->findings()])
  @php($isClean = $happens === [] && $findings === [])
  <section class="practice-verdict" aria-labelledby="score">
    <h2 id="score"><svg class="sign sign-{{ $isClean ? 'ok' : 'stop' }}" aria-hidden="true"><use href="#sign-{{ $isClean ? 'ok' : 'stop' }}"/></svg> {{ __('practice.page.score', ['right' => $outcome->right(), 'of' => count($outcome->attempt->judged)]) }}</h2>
    @if ($isClean)
      <p>{{ __('practice.page.nothing-wrong') }}</p>
    @endif
    @if ($happens !== [])<h3>{{ __('practice.page.on-the-wall') }}</h3><ul>@foreach ($happens as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
    @if ($findings !== [])<h3>{{ __('practice.page.plan-says') }}</h3><ul>@foreach ($findings as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
    <form method="post" action="{{ route('practice.begin') }}">@csrf<input type="hidden" name="level" value="{{ $outcome->round->level === 'real' ? 'flat' : $outcome->round->level }}"><button class="btn btn-primary">{{ __('practice.page.again') }}</button></form>
  </section>
  <figure class="practice-drawing">{!! $outcome->drawing() !!}<figcaption>{{ __('practice.page.off') }}</figcaption></figure>
  <section class="judged" aria-labelledby="each">
    <h2 id="each">{{ __('practice.page.each') }}</h2>
    @foreach ($outcome->attempt->judged as $judged)
      @php($sign = $judged->isRight ? 'ok' : 'stop')
      <article @class(['is-right' => $judged->isRight])>
        <h3><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg> {{ $outcome->page->askOf($judged->ask) }}</h3>
        @if ($judged->ask === Ask::Measured)
          @if ($judged->isRight)<p>{{ __('practice.page.all-measured') }}</p>@else<p>{{ __('practice.page.not-measured') }} {{ implode('; ', $outcome->unmeasured($judged)) }}</p>@endif
        @else
          <dl><div><dt>{{ __('practice.page.yours') }}</dt><dd class="number">{{ $outcome->answered($judged) }}</dd></div><div><dt>{{ __('practice.page.right') }}</dt><dd class="number">{{ $outcome->shouldBe($judged) }}</dd></div></dl>
          @unless ($judged->isRight)<p>{{ $outcome->slip($judged) }}</p>@endunless
          @if ($outcome->against($judged) !== [])<p>{{ __('practice.page.against') }}</p><ul>@foreach ($outcome->against($judged) as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
          @if ($judged->why)<details @if ($judged->slip?->term) open @endif><summary>{{ __('practice.page.why') }}</summary>@include('bench.sum', ['sum' => $judged->why, 'write' => $outcome->page->write, 'speak' => $outcome->page->speak, ...$judged->slip?->term ? ['slipped' => $judged->slip] : []])</details>@endif
        @endif
      </article>
    @endforeach
  </section>
</main>
</x-practice>
