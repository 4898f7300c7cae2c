@use('YokeLine\Drawing\OrderGraph')
@use('YokeLine\Drawing\Svg')
@use('App\Words\StepWords')
<x-page :title="$doorway->name.', order of work'" class="is-marks">
@include('marks.top', ['title' => 'Order of work'])
<main class="marks-page">
  <p>{{ count($order->steps) }} steps, {{ intdiv($order->minutes(), 60) }} h {{ $order->minutes() % 60 }} min of work one after the other, {{ intdiv($order->personMinutes(), 60) }} h {{ $order->personMinutes() % 60 }} min over all the people; drying, curing and deliveries come on top.</p>
  <div class="pull-tape" tabindex="0" role="region" aria-label="The steps as a graph, scrolls sideways">@php($graph = OrderGraph::of($order, StepWords::step(...), App\Words\Speaker::in($setout->write)))<div style="width: {{ $graph->width }}px">{!! Svg::write($graph) !!}</div></div>
  <table class="table order"><thead><tr><th scope="col">Step</th><th scope="col">Where</th><th scope="col">Minutes</th><th scope="col">People</th><th scope="col">After</th></tr></thead><tbody>
    @foreach ($order->steps as $step)
      <tr><th scope="row">{{ StepWords::step($step) }}@if (StepWords::howTight($step))<small>{{ StepWords::howTight($step) }}</small>@endif</th><td>{{ $step->at === 'wall' ? 'at the wall' : 'at the bench' }}</td><td class="number">{{ $step->minutes }}</td><td class="number">{{ $step->people }}</td><td>{{ ucfirst(implode('; ', array_map(StepWords::after(...), $step->after))) }}@if (StepWords::why($step))<small>{{ StepWords::why($step) }}</small>@endif</td></tr>
    @endforeach
  </tbody></table>
</main>
</x-page>
