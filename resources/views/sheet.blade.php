@php([$setout, $doorway] = [$bench->setout, $bench->doorway])
@php($say = $setout->write->show(...))
<x-page :title="$doorway->name.', set-out sheet'" class="is-sheet paper-{{ strtolower($paper) }}">
<style>@@page { size: {{ $paper }} portrait; margin: 10mm }</style>
<nav class="sheet-bar">
  <a href="{{ route('bench', [$doorway, 'rail']) }}">Back to the bench</a>
  <span class="pair" role="group" aria-label="Paper"><a href="{{ route('sheet', [$doorway, 'paper' => 'a4']) }}" @if ($paper === 'A4') aria-current="true" @endif>A4</a><a href="{{ route('sheet', [$doorway, 'paper' => 'letter']) }}" @if ($paper !== 'A4') aria-current="true" @endif>Letter</a></span>
  <button type="button" class="btn btn-primary" id="print">Print</button>
</nav>
<main class="sheet">
  <header class="sheet-head">
    <div><h1>{{ $doorway->name }}</h1><p>{{ $doorway->job->name }} · change {{ $doorway->revision->number }} · {{ $doorway->revision->created_at->format('j M Y') }} · {{ $setout->write->unit->value === 'mm' ? 'millimetres' : 'inches' }}</p></div>
    <div class="sheet-yoke"><span>Yoke line, hole centres, from the high spot</span><b>{{ $say($plan->yokeLine()) }}</b></div>
  </header>
  <p class="sheet-verdict"><b>{{ $setout->verdict()->says() }}</b> {{ $bench->toSettle() }}
    @foreach ($setout->findings as $finding) @if ($finding->severity->needsSettling()) <span class="sheet-finding">▸ {{ $finding->says }}.@if ($finding->severity->value === 'stop') {{ $finding->more }}@endif</span> @endif @endforeach</p>
  <div class="sheet-drawing"><div>{!! $bench->elevation() !!}</div>
    <div>
      <h2>Heights</h2>
      <table><thead><tr><th scope="col">Up</th><th scope="col">From the high spot</th></tr></thead><tbody>
        @foreach (array_reverse(YokeLine\Marks\RunningMarks::heights($plan)) as $mark)<tr><td class="number">{{ $say($mark->at) }}</td><td>{{ $mark->name }}</td></tr>@endforeach
      </tbody></table>
      <table><thead><tr><th scope="col">Up</th><th scope="col">To the yoke line, from the floor at</th></tr></thead><tbody>
        @foreach (YokeLine\Marks\RunningMarks::readings($plan) as $reading)<tr><td class="number">{{ $say($reading['up']) }}</td><td class="number-left">{{ $say($reading['x']) }}@if ($reading['x']->equals($plan->floor->highSpot())) · high spot @endif</td></tr>@endforeach
      </tbody></table>
    </div>
  </div>
  <div class="sheet-two">
    <div>
      <h2>Marks along the wall</h2>
      <table><thead><tr><th scope="col">Read</th><th scope="col">Mark</th><th scope="col"><span class="visually-hidden">Done</span></th></tr></thead><tbody>
        @foreach (YokeLine\Marks\RunningMarks::along($plan) as $mark)<tr><td class="number">{{ $say($mark->at) }}</td><td>{{ $mark->name }}{{ str_ends_with($mark->id, '-l') ? ', left' : (str_ends_with($mark->id, '-r') ? ', right' : '') }}</td><td class="tick" aria-label="to tick off"></td></tr>@endforeach
      </tbody></table>
      <p class="group-note">One hook of the tape at the survey’s zero.</p>
    </div>
    <div>
      <h2>Sizes</h2>
      <table><tbody>
        <tr><th scope="row">Leaf</th><td class="number">{{ $say($plan->layout->width->size->total) }} × {{ $say($plan->heights->leaf->size->total) }} × {{ $say($plan->thickness) }}</td></tr>
        @foreach ($plan->layout->runs as $leaf => $run)<tr><th scope="row">{{ $leaf === 'leaf' ? 'Opens' : ucfirst($leaf).' opens' }}</th><td>{{ $run->direction === 1 ? 'right' : 'left' }}, travel {{ $say($run->travel->total) }}</td></tr>@endforeach
        <tr><th scope="row">Passage</th><td class="number">{{ implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages)) }}</td></tr>
        <tr><th scope="row">Rail</th><td class="number">{{ $say($plan->rail->length->total) }}@if ($plan->rail->pieces > 1) in {{ $plan->rail->pieces }}@endif</td></tr>
        @if ($plan->header)<tr><th scope="row">Header</th><td class="number">{{ $say($plan->header->span->length()) }} × {{ $say($plan->header->top->total->minus($plan->header->foot->total)) }} × {{ $say($plan->header->thickness) }}</td></tr>@endif
        <tr><th scope="row">Kit</th><td>{{ $plan->kit->name }}</td></tr>
        <tr><th scope="row">Hangers in</th><td class="number">{{ $say($plan->layout->first()->hangerInset) }}</td></tr>
        @if ($plan->heights->hangerHoles)<tr><th scope="row">Leaf holes down</th><td class="number">{{ implode(', ', array_map($say, $plan->heights->hangerHoles)) }}</td></tr>@endif
        <tr><th scope="row">Stop faces</th><td class="number">{{ implode(', ', array_map(fn ($face) => $say($face->total), $plan->layout->stops)) }}</td></tr>
        @php($guide = array_values($plan->guides)[0])
        @if ($guide->grooveDepth)<tr><th scope="row">Groove</th><td class="number">{{ $setout->write->showUp($guide->grooveDepth) }} deep, {{ $setout->write->showUp($guide->grooveWidth) }} wide</td></tr>@endif
        <tr><th scope="row">Behind leaf</th><td class="number">{{ $say($plan->depth()->clearance->total) }} clear</td></tr>
      </tbody></table>
    </div>
  </div>
  <div class="sheet-two is-drawn">
    <div><h2>From above, depth ×{{ YokeLine\Drawing\Above::DEPTH }}</h2>{!! $bench->above() !!}</div>
    <div><h2>Section at the jamb</h2>{!! $bench->section() !!}</div>
  </div>
  @if ($bench->fixings())<p class="fixings"><b>Fixings.</b> @foreach ($bench->fixings() as $row){{ $row->count }} × {{ $row->says }} {{ $row->diameter->toMm() }} × {{ $row->length?->toMm() ?? '?' }} into {{ $row->into }}, bits {{ implode(' → ', array_map(fn ($bit) => $bit->toMm(), $row->bits)) }}{{ $row->depth ? ', '.$row->depth->toMm().' deep' : '' }}.  @endforeach A guide, not a structural design.</p>@endif
  @if ($bench->toMove())<h2>First</h2><ul class="cautions">@foreach ($bench->toMove() as $step)<li>{{ $step }}</li>@endforeach</ul>@endif
  <h2>Take care</h2>
  <ul class="cautions">@foreach (YokeLine\Inspection\Cautions::of($plan) as $caution)<li>{{ $caution }}</li>@endforeach</ul>
  @php($rules = $bench->houseRules())
  @if ($rules)<p class="house-rules"><b>As this house does it.</b> {{ implode(' ', $rules) }} Cross-check: rail by rule of thumb, twice the leaf, {{ $say($plan->layout->width->size->total->times(2)) }}; planned {{ $say($plan->rail->length->total) }}.</p>@endif
</main>
</x-page>
