@use('YokeLine\Drawing\OrderGraph')
@use('YokeLine\Drawing\Svg')
@use('App\Words\StepWords')
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'site.order')" class="is-marks">
<main class="marks-page">
  <p>{{ __('marks.page.steps-h-2-min-of', ['count' => count($order->steps), 'minutes' => intdiv($order->minutes(), 60), 'minutes2' => $order->minutes() % 60, 'person_minutes' => intdiv($order->personMinutes(), 60), 'person_minutes2' => $order->personMinutes() % 60]) }}</p>
  <div class="pull-tape" tabindex="0" role="region" aria-label="{{ __('marks.page.the-steps-as-a-graph') }}">@php($graph = OrderGraph::of($order, StepWords::step(...), App\Words\Speaker::in($setout->write)))<div style="width: {{ $graph->width }}px">{!! Svg::write($graph) !!}</div></div>
  <table class="table order"><thead><tr><th scope="col">{{ __('marks.page.step') }}</th><th scope="col">{{ __('marks.page.where') }}</th><th scope="col">{{ __('marks.page.minutes') }}</th><th scope="col">{{ __('common.page.people') }}</th><th scope="col">{{ __('marks.page.after') }}</th></tr></thead><tbody>
    @foreach ($order->steps as $step)
      <tr><th scope="row">{{ StepWords::step($step) }}@if (StepWords::howTight($step))<small>{{ StepWords::howTight($step) }}</small>@endif</th><td>{{ $step->at === 'wall' ? __('marks.page.at-the-wall') : __('marks.page.at-the-bench') }}</td><td class="number">{{ $step->minutes }}</td><td class="number">{{ $step->people }}</td><td>{{ ucfirst(implode('; ', array_map(StepWords::after(...), $step->after))) }}@if (StepWords::why($step))<small>{{ StepWords::why($step) }}</small>@endif</td></tr>
    @endforeach
  </tbody></table>
</main>
</x-doorway>
