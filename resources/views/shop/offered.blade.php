@use('App\Shop\Setting')
@php([$price, $say] = [$offer->price(), $offer->materials->prices->say(...)])
  <div class="table-scroll">
    <table class="table"><caption>{{ __('shop.page.what-you-get') }}</caption><tbody>@foreach ($offer->choices() as [$name, $says])<tr><th scope="row">{{ $name }}</th><td>{{ $says }}</td></tr>@endforeach
      @if ($isPriced ?? true)<tr><th scope="row">{{ __('common.page.materials') }}</th><td class="number">{{ $say($price['materials']) }}</td></tr><tr><th scope="row">{{ __('shop.page.work') }}</th><td class="number">{{ $say($price['work']) }}</td></tr><tr><th scope="row">{{ __('shop.page.tax', ['tax' => $offer->materials->prices->setting(Setting::Tax)]) }}</th><td class="number">{{ $say($price['tax']) }}</td></tr>@endif</tbody></table></div>
  <div class="two"><div><h2>{{ __('shop.page.not-included') }}</h2><ul class="hand">@foreach ($offer->notIncluded() as $says)<li>{{ $says }}</li>@endforeach</ul></div><div><h2>{{ __('shop.page.to-know') }}</h2><ul class="hand">@foreach ($offer->cautions() as $says)<li>{{ $says }}</li>@endforeach</ul></div></div>
