@php([$bench, $doorway, $plan] = [$content->bench, $content->doorway, $content->plan])
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'papers.sheet')" class="is-sheet" :print="route('give-out', [$doorway, 'sheet.pdf'])">
<p class="sheet-bar"><x-papers to="give-out" :with="[$doorway, 'sheet.pdf']" /> · <a href="{{ route('documents', $doorway->job_id) }}">{{ __('top.page.the-whole-job-in-one') }}</a></p>
<main class="sheet">
  <header class="sheet-head">
    <div><h2 class="sheet-name">{{ $doorway->name }}</h2><p>{{ $content->subtitle() }}</p></div>
    <div class="sheet-yoke"><span>{{ $content->line()->whole() }}</span><b>{{ $content->line()->number }}</b><small>{{ $content->line()->beside }}</small></div>
  </header>
  <p class="sheet-verdict"><b>{{ $content->speak->say($bench->setout->verdict()->says()) }}</b> {{ $bench->toSettle() }} @foreach ($content->findings() as $finding)<span class="sheet-finding">▸ {{ $finding }}</span> @endforeach</p>
  <div class="sheet-drawing"><div>{!! $bench->drawings()->elevation() !!}</div>
    <div>
      @include('sheet-rows', ['title' => __('sheet.titles.heights'), 'rows' => $content->heights()])
      @include('sheet-rows', ['title' => $content->readingsTitle(), 'rows' => $content->readings()])
    </div>
  </div>
  <div class="sheet-columns">
    @foreach ([...$content->pulls(), ...$content->leafTapes()] as [$title, $rows])@include('sheet-rows')@endforeach
    @include('sheet-rows', ['title' => __('sheet.titles.sizes'), 'rows' => array_map(fn ($row) => [$row[1], $row[0]], $content->sizes())])
    <section><h2>{{ __('sheet.titles.section') }}</h2>{!! $bench->drawings()->section() !!}</section>
    <section><h2>{{ __('sheet.titles.above', ['times' => YokeLine\Drawing\Above::DEPTH]) }}</h2>{!! $bench->drawings()->above() !!}</section>
    @foreach (['drilling' => $content->drilling(), 'fixings' => $content->fixings(), 'cautions' => $content->cautions(), 'house-rules' => $bench->houseRules()] as $of => $sentences)
      @if ($sentences)<section><h2>{{ __("sheet.titles.{$of}") }}</h2><ul class="cautions">@foreach ($sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul></section>@endif
    @endforeach
    <section><h2>{{ __('sheet.titles.order') }}</h2><ol class="cautions">@foreach ($content->order() as [$card, $steps])<li><b>{{ $card }}:</b> {{ $steps }}</li>@endforeach</ol></section>
  </div>
</main>
</x-doorway>
