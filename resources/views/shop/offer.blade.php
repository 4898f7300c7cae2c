@use('App\Shop\Setting')
@use('YokeLine\Drawing\Picture')
@use('YokeLine\Drawing\Svg')
@php([$doorway, $price, $say, $plan] = [$offer->doorway, $offer->price(), $offer->materials->prices->say(...), array_values($offer->materials->plans)[0]])
<x-doorway :frame="App\Frame\DoorwayFrame::of($doorway, 'papers.quote')" class="is-marks">
<main class="marks-page hand-over">
  <p class="sheet-verdict"><b>{{ $say($price['total']) }}</b> {{ __('shop.page.in-all-tax-included-for', ['number' => $doorway->revision->number]) }}@if ($price['unpriced']) <a href="{{ route('materials', [$doorway->job_id, 'doorway' => $doorway->id]) }}">{{ trans_choice('shop.page.lines-have-no-price-yet', $price['unpriced']) }}</a>@endif @foreach ($offer->materials->assumed() as [$url, $count]) <a href="{{ $url }}">{{ trans_choice('shop.page.nobody-has-answered', $count) }}</a> @endforeach<x-papers to="offer.paper" :with="[$doorway]" /></p>
  @if ($offer->accepted)<p class="notice">{{ __('shop.page.accepted-by-on-for-for', ['accepted_by' => $offer->accepted->accepted_by, 'on' => $offer->accepted->accepted_at->translatedFormat('j F Y'), 'cents' => $say($offer->accepted->cents), 'number' => $offer->accepted->revision->number]) }}@if ($offer->hasMovedSince()) <b>{{ __('shop.page.the-plan-has-changed-since') }}</b> <a href="{{ route('record.compare', [$doorway, 'from' => $offer->accepted->revision->number, 'to' => $doorway->revision->number]) }}">{{ __('shop.page.what-changed') }}</a>@endif</p>@endif
  <div class="pictured">@foreach ([false, true] as $isOpen)<figure>{!! Svg::write(Picture::of($plan, $offer->materials->speak(), $isOpen)) !!}<figcaption>{{ __($isOpen ? 'frame.open-as' : 'frame.shut-as') }}</figcaption></figure>@endforeach</div>
  <p class="group-note"><a href="{{ route('papers.sheet', $doorway) }}">{{ __('frame.working-drawing') }}</a></p>
  <div class="table-scroll">
    <table class="table"><caption>{{ __('shop.page.what-you-get') }}</caption><tbody>@foreach ($offer->choices() as [$name, $says])<tr><th scope="row">{{ $name }}</th><td>{{ $says }}</td></tr>@endforeach
      <tr><th scope="row">{{ __('common.page.materials') }}</th><td class="number">{{ $say($price['materials']) }}</td></tr><tr><th scope="row">{{ __('shop.page.work') }}</th><td class="number">{{ $say($price['work']) }}</td></tr><tr><th scope="row">{{ __('shop.page.tax', ['tax' => $offer->materials->prices->setting(Setting::Tax)]) }}</th><td class="number">{{ $say($price['tax']) }}</td></tr></tbody></table></div>
  <div class="two"><div><h2>{{ __('shop.page.not-included') }}</h2><ul class="hand">@foreach ($offer->notIncluded() as $says)<li>{{ $says }}</li>@endforeach</ul></div><div><h2>{{ __('shop.page.to-know') }}</h2><ul class="hand">@foreach ($offer->cautions() as $says)<li>{{ $says }}</li>@endforeach</ul></div></div>
  <form method="post" action="{{ route('offer.accept', $doorway) }}" class="reckons">@csrf<label>{{ __('shop.page.accepted-by') }} <input class="form-control" name="name" maxlength="120" autocomplete="name" value="{{ old('name') }}"></label><button class="btn btn-primary">{{ __('shop.page.accept-for-change', ['number' => $doorway->revision->number]) }}</button>@error('name')<span class="refused" role="alert">{{ $message }}</span>@enderror</form>
</main>
</x-doorway>
