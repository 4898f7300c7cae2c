@use('App\Marking\Ticks')
@use('YokeLine\Drawing\PullTape')
@use('YokeLine\Drawing\Svg')
<h3>@if (count($pulls->pulls) > 1){{ $i + 1 }}. @endif {{ __('marks.page.hook-at-the-pull', ['hook' => $speak->say($pull->hook->says()), 'side' => __($pull->way === 1 ? 'words.opens.right' : 'words.opens.left')]) }}@if ($pull->hook->carried) <small>{{ __('marks.page.carried-up-to-the-line') }}</small>@endif</h3>
<div class="pull-tape" tabindex="0" role="region" aria-label="{{ __('marks.page.tape-of-pull-scrolls-sideways', ['names' => $names, 'number' => $i + 1]) }}">{!! Svg::write(PullTape::of($pull, $speak)) !!}</div>
@foreach (collect($pull->readings)->groupBy(fn ($reading) => $reading->mark->step) as $step => $readings)
  <p class="group-note">{{ Lang::has("marks.before.{$step}") ? __("marks.before.{$step}") : '' }}</p>
  <ol class="readings">
    @foreach ($readings as $reading)
      @php([$mark, $about] = [$reading->mark, Ticks::about($reading->mark)])
      <li><label><input type="checkbox" class="form-check-input" @checked($ticks->isMade($mark))
        hx-post="{{ route('marks.tick', $form->doorway) }}"
        hx-vals='@json(['mark' => $about, 'made' => $ticks->isMade($mark) ? 0 : 1])'>
        <b>{{ $write->showOnTape($reading->shown) }}</b>
        <span>{{ $speak->say($mark->id->says()) }}<small>{{ $speak->say($mark->id->purpose()) }}</small>
          @if ($mark->spare && ! $reading->moved()->isZero())<small>{{ __('marks.page.rounded-by-of-the-it', [
            'absolute' => $write->exact($reading->moved()->absolute()), 'spare' => $write->showDown($mark->spare),
          ]) }}</small>@endif
          @if ($ticks->moved($mark))<small class="refused">{{ $ticks->moved($mark) }}</small>@endif</span></label></li>
    @endforeach
  </ol>
@endforeach
