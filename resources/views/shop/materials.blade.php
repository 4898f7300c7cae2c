@use('App\Shop\Setting')
@php($speak = $list->speak())
@php([$job, $prices, $totals, $seen] = [$list->job, $list->prices, $list->totals(), $ledger->seen()])
<x-job :job="$job" page="materials">
<main class="marks-page materials">
  <p class="sheet-verdict"><b>{{ $prices->say($totals['total']) }}</b> {{ __('shop.page.with-tax-without', ['tax' => $prices->setting(Setting::Tax), 'net' => $prices->say($totals['net'])]) }}@if ($totals['unpriced']) {{ trans_choice('shop.page.lines-have-no-price-yet', $totals['unpriced']) }}@endif @if ($list->unplanned) {{ __('shop.page.not-measured-whole-so-not', ['unplanned' => implode(', ', $list->unplanned)]) }}@endif
    @if ($missing)<a href="{{ route('supply', $job) }}">{{ trans_choice('shop.page.ordered-and-not-here', count($missing)) }}</a>@endif
    <a href="{{ route('materials.table', array_filter(['job' => $job->id, 'doorway' => $list->only])) }}">{{ __('shop.page.as-csv') }}</a></p>
  @if ($assumed = $list->assumed())<p class="group-note">{{ __('shop.page.never-answered') }} @foreach ($assumed as $name => [$url, $count])<a href="{{ $url }}">{{ $name }} ({{ $count }})</a>@if (! $loop->last), @endif @endforeach</p>@endif
  <p class="group-note">{{ __('shop.page.show') }} <a href="{{ route('materials', $job) }}" @if ($list->only === null) aria-current="true" @endif>{{ __('shop.page.the-whole-job') }}</a>@foreach ($list->names as $id => $name), <a href="{{ route('materials', [$job, 'doorway' => $id]) }}" @if ($list->only === $id) aria-current="true" @endif>{{ $name }}</a>@endforeach</p>
  <fieldset class="as-it-is" @disabled(! app(App\Firm\Here::class)->may(App\Firm\Ability::Own))>
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">{{ __('shop.page.how-many') }}</th><th scope="col">{{ __('common.page.what') }}</th><th scope="col">{{ __('shop.page.for') }}</th><th scope="col">{{ __('shop.page.each') }}</th><th scope="col">{{ __('shop.page.all') }}</th></tr></thead>
    @foreach ($list->groups() as $group => $lines)
      <tbody><tr><th colspan="5" scope="rowgroup">{{ __("materials.groups.{$group}") }}</th></tr>
      @foreach ($lines as $line)
        @php($refused = session('refused.at') === $line->material->key ? session('refused') : null)
        <tr><td class="number">{{ $list->amount($line->material->key, $line->metric()) }}</td><th scope="row">{{ $list->says($line) }}@if ($note = $list->note($line))<small>{{ $note }}</small>@endif</th><td>{{ $line->says($list->names, $speak) }}</td>
          <td><form method="post" id="at-{{ Str::slug($line->material->key) }}" action="{{ route('materials.price', $job) }}">@csrf<input type="hidden" name="seen" value="{{ $seen }}"><input type="hidden" name="key" value="{{ $line->material->key }}"><input type="hidden" name="doorway" value="{{ $list->only }}"><input class="form-control" name="price" inputmode="decimal" autocomplete="off" value="{{ $refused['typed'] ?? $line->rate?->typed($line->material) }}" aria-label="{{ __('shop.page.price-of-one', ['material' => $list->says($line)]) }}" data-submits @if ($refused) aria-invalid="true" @endif>@include('shop.per')@if ($refused)<span class="refused" role="alert">{{ $refused['says'] }}</span>@endif</form></td><td class="number">{{ $line->cents() === null ? '' : $prices->say($line->cents()) }}</td></tr>
      @endforeach</tbody>
    @endforeach
  </table></div>
  <h2>{{ __('shop.page.how-this-house-reckons') }}</h2>
  @if (session('price_problems'))<ul class="refused" role="alert">@foreach (session('price_problems') as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
  <div class="reckons">
    @foreach (Setting::cases() as $setting)
      @php($refused = session('refused.at') === $setting->value ? session('refused') : null)
      <form method="post" id="at-{{ $setting->value }}" action="{{ route('materials.price', $job) }}">@csrf<input type="hidden" name="seen" value="{{ $seen }}"><input type="hidden" name="setting" value="{{ $setting->value }}"><input type="hidden" name="doorway" value="{{ $list->only }}"><label>{{ $setting->label() }} <input class="form-control" name="price" autocomplete="off" value="{{ $refused['typed'] ?? $prices->setting($setting) }}" aria-label="{{ $setting->label() }}" data-submits @if ($refused) aria-invalid="true" @endif></label>@if ($refused)<span class="refused" role="alert">{{ $refused['says'] }}</span>@endif</form>
    @endforeach
    <a class="btn" href="{{ route('prices') }}">{{ __('shop.page.price-list-as-csv') }}</a>
    <form method="post" action="{{ route('prices.bring-in', $job) }}" enctype="multipart/form-data">@csrf<label class="btn">{{ __('shop.page.bring-in-a-price-list') }}<input type="file" name="file" accept=".csv,text/csv" class="visually-hidden" data-submits></label></form>
  </div>
  </fieldset>
  @include('editing.history')
</main>
</x-job>
