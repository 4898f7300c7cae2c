@use('YokeLine\Drawing\LeafCard')
@use('YokeLine\Drawing\PullTape')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Marks\Heights')
@use('YokeLine\Marks\Names')
@php([$plan, $write, $pulls] = [$out->plan, $out->write, $out->pulls()])
<x-page :title="$doorway->name.', marks'" class="is-marks">
@include('marks.top', ['title' => 'Marks'])
<main class="marks-page">
  <p class="sheet-verdict"><b>{{ $setout->verdict()->says() }}</b> @if ($setout->verdict() !== YokeLine\Inspection\Verdict::Fits) <a href="{{ route('bench', [$doorway, 'rail']) }}">Settle it before anything is marked.</a>@endif</p>

  <form class="marking" method="get" id="marking" aria-label="How it is marked out">
    <label>Tape hooked at <select class="form-select" name="hook"><option value="">wherever it is hooked least</option>@foreach ($out->hooks() as $hook)<option value="{{ $hook->id }}" @selected($out->chosen() === $hook->id)>{{ Names::hook($hook->id) }}</option>@endforeach</select></label>
    <label>Pulled <select class="form-select" name="way"><option value="">either way</option>@foreach (['right', 'left'] as $way)<option @selected($out->typed('way') === $way)>{{ $way }}</option>@endforeach</select></label>
    @include('marks.field', ['field' => 'tape', 'label' => 'Tape is long', 'grey' => $write->show($out->tape())])
    @include('marks.field', ['field' => 'line', 'label' => 'Pencil line at', 'grey' => 'none'])
    <label class="form-check"><input class="form-check-input" type="checkbox" name="rail" value="1" @checked($out->typed('rail') === '1')> the rail is up</label>
    <button class="btn btn-primary">Lay out the pulls</button>
  </form>

  <section aria-label="Pulls">
    @if ($pulls->pulls === [])
      <p class="refusal">No tape hooked so reaches every mark. Choose another hook, the other way, or a longer tape.</p>
    @else
      <p>{{ $pulls->hookings() === 1 ? 'One hooking' : $pulls->hookings().' hookings' }}@if ($pulls->carriedHooks()), {{ $pulls->carriedHooks() }} carried up with a plumb @endif, {{ $write->showWithUnit($pulls->walk) }} walked. Each mark alone from the {{ Names::hook($pulls->first->id) }} would take {{ $pulls->naive['hookings'] }} hookings and {{ $write->showWithUnit($pulls->naive['walk']) }}.</p>
      @foreach ($pulls->pulls as $i => $pull)
        <h2>{{ $i + 1 }}. Hook at the {{ Names::hook($pull->hook->id) }}, pull {{ $pull->way === 1 ? 'right' : 'left' }}@if ($pull->hook->carried) <small>carried up to the line with a plumb</small>@endif</h2>
        <div class="pull-tape" tabindex="0" role="region" aria-label="Tape of pull {{ $i + 1 }}, scrolls sideways">{!! Svg::write(PullTape::of($pull, $write)) !!}</div>
        <ol class="readings">
          @foreach ($pull->readings as $reading)<li><b>{{ $write->show($reading->shown) }}</b> {{ Names::of($reading->mark->id) }}@if ($reading->mark->spare) <small>may be off by {{ $write->exact($reading->mark->spare) }}, rounding moved it {{ $write->exact($reading->moved()->absolute()) }}</small>@endif</li>@endforeach
        </ol>
      @endforeach
      <p class="group-note">The wall is marked once {{ Names::before('mark-wall') }}.</p>
    @endif
  </section>

  <section aria-label="Heights" class="two">
    <div>
      <h2>Up from the floor, place by place</h2>
      <table class="table"><thead><tr><th scope="col">At</th>@foreach (Heights::marks($plan) as $mark)<th scope="col">{{ ucfirst(Names::of($mark->id)) }}</th>@endforeach</tr></thead><tbody>
        @foreach (Heights::of($plan) as $height)<tr><th scope="row">{{ ucfirst(Names::of($height->place)) }}, {{ $write->show($height->x) }}</th>@foreach ($height->readings as $reading)<td class="number">{{ $write->show($reading->shown) }}</td>@endforeach</tr>@endforeach
      </tbody></table>
      <p class="group-note">Or measure once, at the high spot, and carry that height along with a level.</p>
    </div>
    <div>
      <h2>By laser</h2>
      @include('marks.field', ['field' => 'laser', 'label' => 'At the high spot the tape reads, up to the laser', 'grey' => 'type a reading', 'form' => 'marking'])
      @if ($out->laser())
        <table class="table"><tbody>@foreach (Heights::marks($plan) as $mark)@php($off = $mark->place->minus($out->laser()))<tr><th scope="row">{{ ucfirst(Names::of($mark->id)) }}</th><td class="number">{{ $write->show($off->absolute()) }}</td><td>{{ $off->isZero() ? 'on the laser' : ($off->isNegative() ? 'below the laser' : 'above the laser') }}, anywhere along the wall</td></tr>@endforeach</tbody></table>
      @endif
    </div>
  </section>

  <section aria-label="Proof of the line">
    <h2>Prove the line another way</h2>
    <div class="marking">
      @include('marks.field', ['field' => 'at', 'label' => 'Proved at', 'grey' => $write->show($out->provedAt()), 'form' => 'marking'])
      @include('marks.field', ['field' => 'packing', 'label' => 'Packing', 'grey' => $write->show($out->packing()), 'form' => 'marking'])
      <button class="btn" form="marking">Compare</button>
    </div>
    <table class="table proofs"><thead><tr><th scope="col">Way</th><th scope="col">Expect</th><th scope="col">Read</th><th scope="col">Says</th></tr></thead><tbody>
      @foreach ($out->ways() as $way => ['name' => $name, 'how' => $how])
        <tr><th scope="row">{{ $name }}<small>{{ $how }}</small></th><td class="number">{{ $write->show($out->proof($way)->expected) }}</td><td>@include('marks.field', ['field' => "read_{$way}", 'label' => "Read: {$name}", 'grey' => '', 'form' => 'marking', 'bare' => true])</td><td>{{ $out->verdict($way) ?? $out->sure($way) }}</td></tr>
      @endforeach
    </tbody></table>
  </section>

  <section aria-label="Leaf card">
    <h2>Leaf card</h2>
    <div class="leaf-cards">@foreach ($plan->layout->runs as $leaf => $run)<figure>{!! Svg::write(LeafCard::of($plan, $run, $write)) !!}<figcaption>{{ count($plan->layout->runs) > 1 ? ucfirst($leaf).' leaf, opens' : 'Opens' }} {{ $run->direction === 1 ? 'right' : 'left' }}. Seen from the room; measured from the leading edge and the top.</figcaption></figure>@endforeach</div>
  </section>

  <section aria-label="Paper and files">
    <h2>To drill from, and for other programs</h2>
    <ul class="give-out">
      @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<li><a href="{{ route('give-out', [$doorway, 'templates.pdf', 'paper' => $paper]) }}">Templates, {{ $name }}</a> leaf corners, foot and story strip, true to size (PDF)</li>@endforeach
      <li><a href="{{ route('give-out', [$doorway, 'wall.dxf']) }}">Wall as DXF</a> R12, millimetres, a layer to each part</li>
      <li><a href="{{ route('give-out', [$doorway, 'wall.svg']) }}">Wall as SVG</a> true to size</li>
      <li><a href="{{ route('give-out', [$doorway, 'marks.csv']) }}">Marks and fixings as CSV</a> millimetres</li>
      <li><a href="{{ route('files.show', $doorway) }}">Doorway file</a> everything that was typed, to bring in elsewhere</li>
    </ul>
  </section>
</main>
</x-page>
