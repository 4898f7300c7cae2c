@use('YokeLine\Drawing\CutBars')
@use('YokeLine\Drawing\Svg')
@php($speak = $list->speak())
<x-job :job="$list->job" page="cutting">
<main class="marks-page materials">
  @forelse ($list->sections as $section)
    @php($cut = $section->cut)
    @php($saw = $section->units === $list->write->unit ? $speak : App\Words\Speaker::in($section->units))
    <h3>{{ $saw->say($section->says()) }}</h3>
    @if ($cut instanceof YokeLine\Measure\Message)<p class="refusal">{{ $speak->say($cut) }}</p>@else
      <p>{{ __('shop.page.in-all-of-it-kerf', ['bars' => trans_choice('shop.page.bars', count($cut->bars)), 'bought' => $list->write->showWithUnit($cut->bought()), 'waste' => $list->write->showWithUnit($cut->waste()), 'longest_offcut' => $list->write->showDown($cut->longestOffcut()), 'proof' => match (true) { $cut->isRestProved => __('shop.page.proved-whole'), $cut->isProved => __('shop.page.proved'), default => __('shop.page.not-proved', ['bars' => $cut->bound, 'bought' => $list->write->showWithUnit($cut->boughtBound)]) }]) }}</p>
      <div class="cut-bars">{!! Svg::write(CutBars::of($cut, $saw)) !!}</div>
      <table class="visually-hidden"><caption>{{ __('shop.page.bars-of', ['section' => $saw->say($section->says())]) }}</caption>@foreach ($cut->bars as $bar)<tr><th scope="row">{{ $saw->lengths()->showWithUnit($bar->stock) }}</th><td>{{ implode('; ', array_map(fn ($piece) => $saw->lengths()->show($piece->length).' '.$saw->say($piece->says()), $bar->pieces)) }}</td><td>{{ __('shop.page.left', ['offcut' => $saw->lengths()->showDown($bar->offcut)]) }}</td></tr>@endforeach</table>
    @endif
  @empty<p>{{ __('shop.page.no-header-in-this-job') }}</p>@endforelse
</main>
</x-job>
