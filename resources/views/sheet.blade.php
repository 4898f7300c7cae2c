@php([$bench, $doorway, $plan] = [$content->bench, $content->doorway, $content->plan])
<x-page :title="$doorway->name.', set-out sheet'" class="is-sheet">
@include('marks.top', ['title' => 'Sheet', 'setout' => $bench->setout, 'print' => route('give-out', [$doorway, 'sheet.pdf'])])
<p class="sheet-bar">On paper: @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<a href="{{ route('give-out', [$doorway, 'sheet.pdf', 'paper' => $paper]) }}">{{ $name }} (PDF)</a> @endforeach · <a href="{{ route('jobs.paper', $doorway->job_id) }}">the whole job in one file</a></p>
<main class="sheet">
  <header class="sheet-head">
    <div><h1>{{ $doorway->name }}</h1><p>{{ $content->subtitle() }}</p></div>
    <div class="sheet-yoke"><span>Yoke line, hole centres, from the high spot</span><b>{{ $content->yoke() }}</b></div>
  </header>
  <p class="sheet-verdict"><b>{{ $content->speak->say($bench->setout->verdict()->says()) }}</b> {{ $bench->toSettle() }} @foreach ($content->findings() as $finding)<span class="sheet-finding">▸ {{ $finding }}</span> @endforeach</p>
  <div class="sheet-drawing"><div>{!! $bench->elevation() !!}</div>
    <div>
      @include('sheet-rows', ['title' => 'Up from the high spot', 'rows' => $content->heights()])
      @include('sheet-rows', ['title' => 'Up to the yoke line, from the floor at', 'rows' => $content->readings()])
    </div>
  </div>
  <div class="sheet-columns">
    @foreach ([...$content->pulls(), ...$content->leafTapes()] as [$title, $rows])@include('sheet-rows')@endforeach
    @include('sheet-rows', ['title' => 'Sizes', 'rows' => array_map(fn ($row) => [$row[1], $row[0]], $content->sizes())])
    <section><h2>Section at the jamb</h2>{!! $bench->section() !!}</section>
    <section><h2>From above, depth ×{{ YokeLine\Drawing\Above::DEPTH }}</h2>{!! $bench->above() !!}</section>
    @foreach (['Bored in each leaf' => $content->drilling(), 'Fixings, a guide and not a structural design' => $content->fixings(), 'Take care' => $content->cautions(), 'As this house does it' => $bench->houseRules()] as $title => $sentences)
      @if ($sentences)<section><h2>{{ $title }}</h2><ul class="cautions">@foreach ($sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul></section>@endif
    @endforeach
    <section><h2>Order of work</h2><ol class="cautions">@foreach ($content->order() as [$card, $steps])<li><b>{{ $card }}:</b> {{ $steps }}</li>@endforeach</ol></section>
  </div>
</main>
</x-page>
