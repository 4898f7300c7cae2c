<div class="views">
  <figure class="view" data-view="elevation">
    {!! $bench->drawings()->elevation() !!}
    <div class="zoom" role="group" aria-label="{{ __('bench.page.zoom') }}">
      <button type="button" data-zoom="in" title="{{ __('bench.page.closer') }}">+</button>
      <button type="button" data-zoom="out" title="{{ __('bench.page.further') }}">−</button>
      <button type="button" data-toggles-photo aria-pressed="false" hidden>{{ __('survey.photos.behind') }}</button>
      <button type="button" data-zoom="fit" title="{{ __('bench.page.all-of-it-0') }}">{{ __('bench.page.fit') }}</button>
    </div>
  </figure>
  @if ($bench->setout->plan)
    <figure class="view" data-view="above">
      @if ($bench->station === App\Bench\Station::Wall)
        <figcaption><button type="button" data-enlarge="above">{{ __('bench.page.floor') }}</button> {{ __('bench.page.falls-from-the-high-spot', ['times' => YokeLine\Drawing\FloorProfile::TIMES]) }}</figcaption>
        {!! $bench->drawings()->profile() !!}
      @elseif ($bench->station === App\Bench\Station::Anchors)
        <figcaption><button type="button" data-enlarge="above">{{ __('bench.page.loads') }}</button> {{ __('bench.page.the-most-each-fixing-takes') }}</figcaption>
        {!! $bench->drawings()->loads() !!}
      @else
        <figcaption><button type="button" data-enlarge="above">{{ __('bench.page.from-above') }}</button> {{ __('bench.page.depth-2', ['depth' => YokeLine\Drawing\Above::DEPTH]) }}</figcaption>
        {!! $bench->drawings()->above() !!}
      @endif
    </figure>
    <figure class="view" data-view="section">
      <figcaption><button type="button" data-enlarge="section">{{ __('common.page.section-at-the-jamb') }}</button> {{ __('bench.page.true') }}</figcaption>
      {!! $bench->drawings()->section() !!}
    </figure>
    <button type="button" class="back-to-wall" data-enlarge="elevation">{{ __('bench.page.back-to-the-wall') }}</button>
  @else
    <div class="next-up">
      <p>{{ App\Words\Speaker::in($bench->setout->write)->sentence($bench->setout->findings[0]->says()) }}</p>
    </div>
  @endif
</div>
<script type="application/json" id="slide-data">{!! $bench->slide() !!}</script>
