<div class="views">
  <figure class="view" data-view="elevation">
    {!! $bench->elevation() !!}
    <div class="zoom" role="group" aria-label="Zoom">
      <button type="button" data-zoom="in" title="Closer (+)">+</button>
      <button type="button" data-zoom="out" title="Further (−)">−</button>
      <button type="button" data-zoom="fit" title="All of it (0)">fit</button>
    </div>
  </figure>
  @if ($bench->setout->plan)
    <figure class="view" data-view="above">
      @if ($bench->station === App\Bench\Station::Wall)
        <figcaption><button type="button" data-enlarge="above">Floor</button> falls ×{{ YokeLine\Drawing\FloorProfile::TIMES }}, from the high spot</figcaption>
        {!! $bench->profile() !!}
      @elseif ($bench->station === App\Bench\Station::Anchors)
        <figcaption><button type="button" data-enlarge="above">Loads</button> the most each fixing takes as the leaf runs, and what it takes now</figcaption>
        {!! $bench->loads() !!}
      @else
        <figcaption><button type="button" data-enlarge="above">From above</button> depth ×{{ YokeLine\Drawing\Above::DEPTH }}</figcaption>
        {!! $bench->above() !!}
      @endif
    </figure>
    <figure class="view" data-view="section">
      <figcaption><button type="button" data-enlarge="section">Section at the jamb</button> true</figcaption>
      {!! $bench->section() !!}
    </figure>
    <button type="button" class="back-to-wall" data-enlarge="elevation">Back to the wall</button>
  @else
    <div class="next-up">
      <p>{{ App\Words\Speaker::in($bench->setout->write)->sentence($bench->setout->findings[0]->says()) }}</p>
    </div>
  @endif
</div>
<script type="application/json" id="slide-data">{!! $bench->slide() !!}</script>
