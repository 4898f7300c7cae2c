@use('App\Shop\Setting')
@use('YokeLine\Drawing\CutBars')
@use('YokeLine\Drawing\Svg')
@php($speak = $list->speak())
@php([$job, $prices, $totals, $seen] = [$list->job, $list->prices, $list->totals(), $ledger->seen()])
<x-page :title="$job->name.', materials'" class="is-marks">
@include('shop.top', ['title' => 'Materials'])
<main class="marks-page materials">
  <p class="sheet-verdict"><b>{{ $prices->say($totals['total']) }}</b> with {{ $prices->setting(Setting::Tax) }} % tax, {{ $prices->say($totals['net']) }} without.@if ($totals['unpriced']) {{ $totals['unpriced'] }} lines have no price yet.@endif @if ($list->unplanned) Not measured whole, so not on the list: {{ implode(', ', $list->unplanned) }}.@endif
    @if ($missing)<a href="{{ route('supply', $job) }}">{{ count($missing) === 1 ? 'One thing is' : count($missing).' things are' }} ordered and not here.</a>@endif
    <a href="{{ route('materials.table', array_filter(['job' => $job->id, 'doorway' => $list->only])) }}">As CSV</a></p>
  <p class="group-note">Show <a href="{{ route('materials', $job) }}" @if ($list->only === null) aria-current="true" @endif>the whole job</a>@foreach ($list->names as $id => $name), <a href="{{ route('materials', [$job, 'doorway' => $id]) }}" @if ($list->only === $id) aria-current="true" @endif>{{ $name }}</a>@endforeach</p>
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">How many</th><th scope="col">What</th><th scope="col">For</th><th scope="col">Each</th><th scope="col">All</th></tr></thead>
    @foreach ($list->groups() as $group => $lines)
      <tbody><tr><th colspan="5" scope="rowgroup">{{ __("materials.groups.{$group}") }}</th></tr>
      @foreach ($lines as $line)
        @php($refused = session('refused.at') === $line->material->key ? session('refused') : null)
        <tr><td class="number">{{ rtrim(rtrim(number_format($line->count, 1, '.', ''), '0'), '.') }} {{ $line->material->unit ? __("materials.units.{$line->material->unit}") : '' }}</td><th scope="row">{{ $speak->say($line->material->says()) }}@if ($line->material->note)<small>{{ $speak->say($line->material->note) }}</small>@endif</th><td>{{ $line->says($list->names, $speak) }}</td>
          <td><form method="post" id="at-{{ Str::slug($line->material->key) }}" action="{{ route('materials.price', $job) }}">@csrf<input type="hidden" name="seen" value="{{ $seen }}"><input type="hidden" name="key" value="{{ $line->material->key }}"><input type="hidden" name="doorway" value="{{ $list->only }}"><input class="form-control" name="price" inputmode="decimal" autocomplete="off" value="{{ $refused['typed'] ?? $prices::plain($line->each) }}" aria-label="Price of one {{ $speak->say($line->material->says()) }}" data-submits @if ($refused) aria-invalid="true" @endif>@if ($refused)<span class="refused" role="alert">{{ $refused['says'] }}</span>@endif</form></td><td class="number">{{ $line->cents() === null ? '' : $prices->say($line->cents()) }}</td></tr>
      @endforeach</tbody>
    @endforeach
  </table></div>
  <h2>How the boards are cut</h2>
  @forelse ($list->sections as $section)
    @php($cut = $section->cut)
    <h3>{{ $speak->say($section->says()) }}</h3>
    @if ($cut instanceof YokeLine\Measure\Message)<p class="refusal">{{ $speak->say($cut) }}</p>@else
      <p>{{ count($cut->bars) === 1 ? 'One bar' : count($cut->bars).' bars' }}, {{ $list->write->showWithUnit($cut->bought()) }} in all, {{ $list->write->showWithUnit($cut->waste()) }} of it kerf, ends and off-cuts; the longest left over is {{ $list->write->showDown($cut->longestOffcut()) }}. {{ match (true) { $cut->isRestProved => 'Proved: no other way takes fewer bars, or buys less, or leaves a longer piece of as little.', $cut->isProved => 'Proved: no other way takes fewer bars or buys less.', default => 'Not proved: no plan has fewer than '.$cut->bound.' bars, nor, with as many as these, buys less than '.$list->write->showWithUnit($cut->boughtBound).'.' } }}</p>
      <div class="cut-bars">{!! Svg::write(CutBars::of($cut, $speak)) !!}</div>
      <table class="visually-hidden"><caption>Bars of {{ $speak->say($section->says()) }}</caption>@foreach ($cut->bars as $bar)<tr><th scope="row">{{ $list->write->show($bar->stock) }}</th><td>{{ implode('; ', array_map(fn ($piece) => $list->write->show($piece->length).' '.$speak->say($piece->says()), $bar->pieces)) }}</td><td>left {{ $list->write->showDown($bar->offcut) }}</td></tr>@endforeach</table>
    @endif
  @empty<p>No header in this job.</p>@endforelse
  <h2>How this house reckons</h2>
  @if (session('price_problems'))<ul class="refused" role="alert">@foreach (session('price_problems') as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
  <div class="reckons">
    @foreach (Setting::cases() as $setting)
      @php($refused = session('refused.at') === $setting->value ? session('refused') : null)
      <form method="post" id="at-{{ $setting->value }}" action="{{ route('materials.price', $job) }}">@csrf<input type="hidden" name="seen" value="{{ $seen }}"><input type="hidden" name="setting" value="{{ $setting->value }}"><input type="hidden" name="doorway" value="{{ $list->only }}"><label>{{ $setting->label() }} <input class="form-control" name="price" autocomplete="off" value="{{ $refused['typed'] ?? $prices->setting($setting) }}" aria-label="{{ $setting->label() }}" data-submits @if ($refused) aria-invalid="true" @endif></label>@if ($refused)<span class="refused" role="alert">{{ $refused['says'] }}</span>@endif</form>
    @endforeach
    <a class="btn" href="{{ route('prices') }}">Price list as CSV</a>
    <form method="post" action="{{ route('prices.bring-in', $job) }}" enctype="multipart/form-data">@csrf<label class="btn">Bring in a price list<input type="file" name="file" accept=".csv,text/csv" class="visually-hidden" data-submits></label></form>
  </div>
  @include('editing.history')
</main>
</x-page>
