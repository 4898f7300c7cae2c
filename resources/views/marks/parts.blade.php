@use('YokeLine\Drawing\AtGuide')
@use('YokeLine\Drawing\AtHanger')
@use('YokeLine\Drawing\AtStop')
@use('YokeLine\Drawing\LeafCard')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Marks\Drilling')
@use('YokeLine\Work\AtHand')
@php($speak = App\Words\Speaker::in($write))
<x-page :title="$doorway->name.', leaf and parts'" class="is-marks">
@include('marks.top', ['title' => 'Leaf and parts'])
<main class="marks-page">
  <section aria-label="Leaf card">
    <h2>Leaf card</h2>
    <div class="leaf-cards">
      @foreach ($plan->leaves() as $leaf)<figure>{!! Svg::write(LeafCard::of($plan, $leaf, $speak)) !!}<figcaption>{{ $leaf->isAlone ? 'Opens' : ucfirst($leaf->name).' leaf, opens' }} {{ $leaf->run->direction === 1 ? 'right' : 'left' }}. Seen from the room; measured from the leading edge and the top.</figcaption></figure>@endforeach
      <div class="drilling">
        @include('marks.drilling')
      </div>
    </div>
  </section>
  <section aria-label="At a hanger"><h2>At a hanger</h2><div class="detail"><figure>{!! Svg::write(AtHanger::of($plan, $speak)) !!}</figure>@include('marks.hand', ['says' => AtHand::hanger($plan)])</div></section>
  <section aria-label="At the stops"><h2>At the stops</h2>
    <div class="details">@foreach (AtStop::each($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ $speak->say($name) }}</figcaption></figure>@endforeach</div>
    @foreach ($plan->layout->buffers as $end)<p>{{ ucfirst(strtr($end, '_', ' ')) }}: a buffer on the wall, at {{ $write->show($plan->layout->stops[$end]->total) }}.</p>@endforeach
    @include('marks.hand', ['says' => AtHand::stop($plan)])
  </section>
  <section aria-label="At the guide"><h2>At the guide</h2>
    <div class="details">@foreach (AtGuide::cuts($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ $speak->say($name) }}, cut through, the wall to the left</figcaption></figure>@endforeach @foreach (AtGuide::along($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ $speak->say($name) }} along the wall, heights ×{{ AtGuide::TALLER }}</figcaption></figure>@endforeach</div>
    @include('marks.hand', ['says' => AtHand::guide($plan)])
  </section>
</main>
</x-page>
