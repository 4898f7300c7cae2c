@use('YokeLine\Drawing\AtGuide')
@use('YokeLine\Drawing\AtHanger')
@use('YokeLine\Drawing\AtStop')
@use('YokeLine\Drawing\LeafCard')
@use('YokeLine\Drawing\Svg')
@use('YokeLine\Marks\Drilling')
@use('YokeLine\Work\AtHand')
@php($speak = App\Words\Speaker::in($write))
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'marks.door')" class="is-marks">
<main class="marks-page">
  <section aria-label="{{ __('marks.page.leaf-card') }}">
    <h2>{{ __('marks.page.leaf-card') }}</h2>
    <div class="leaf-cards">
      @foreach ($plan->leaves() as $leaf)<figure>{!! Svg::write(LeafCard::of($plan, $leaf, $speak)) !!}<figcaption>{{ __('marks.page.seen-from-the-room-measured', ['which' => $leaf->isAlone ? __('words.a-door') : __("words.leaves.{$leaf->name}"), 'side' => __($leaf->run->direction === 1 ? 'words.opens.right' : 'words.opens.left')]) }}</figcaption></figure>@endforeach
      <div class="drilling">
        @include('marks.drilling')
      </div>
    </div>
  </section>
  <section aria-label="{{ __('marks.page.at-a-hanger') }}"><h2>{{ __('marks.page.at-a-hanger') }}</h2><div class="detail"><figure>{!! Svg::write(AtHanger::of($plan, $speak)) !!}</figure>@include('marks.hand', ['says' => AtHand::hanger($plan)])</div></section>
  <section aria-label="{{ __('marks.page.at-the-stops') }}"><h2>{{ __('marks.page.at-the-stops') }}</h2>
    <div class="details">@foreach (AtStop::each($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ $speak->say($name) }}</figcaption></figure>@endforeach</div>
    @foreach (YokeLine\Planning\Buffer::of($plan) as $buffer)<p>{{ __('marks.page.a-buffer', ['way' => __("words.ways.{$buffer->way}"), 'edge' => $write->show($buffer->edge), 'up' => implode(' + ', array_map($write->show(...), $buffer->heights))]) }}</p>@endforeach
    @include('marks.hand', ['says' => AtHand::stop($plan)])
  </section>
  <section aria-label="{{ __('marks.page.at-the-guide') }}"><h2>{{ __('marks.page.at-the-guide') }}</h2>
    <div class="details">@foreach (AtGuide::cuts($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ __('marks.page.cut-through-the-wall-to', ['name' => $speak->say($name)]) }}</figcaption></figure>@endforeach @foreach (AtGuide::along($plan, $speak) as [$name, $scene])<figure>{!! Svg::write($scene) !!}<figcaption>{{ __('marks.page.along-the-wall-heights', ['name' => $speak->say($name), 'taller' => AtGuide::TALLER]) }}</figcaption></figure>@endforeach</div>
    @include('marks.hand', ['says' => AtHand::guide($plan)])
  </section>
</main>
</x-doorway>
