@php([$doorway, $price, $say, $plan] = [$offer->doorway, $offer->price(), $offer->materials->prices->say(...), array_values($offer->materials->plans)[0]])
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'papers.quote')" class="is-marks">
<main class="marks-page hand-over">
  <p class="sheet-verdict"><b>{{ $say($price['total']) }}</b> {{ __('shop.page.in-all-tax-included-for', ['number' => $doorway->revision->number]) }}@if ($price['unpriced']) <a href="{{ route('materials', [$doorway->job_id, 'doorway' => $doorway->id]) }}">{{ trans_choice('shop.page.lines-have-no-price-yet', $price['unpriced']) }}</a>@endif @foreach ($offer->materials->assumed() as [$url, $count]) <a href="{{ $url }}">{{ trans_choice('shop.page.nobody-has-answered', $count) }}</a> @endforeach<x-papers to="offer.paper" :with="[$doorway]" /></p>
  @if ($offer->accepted)<p class="notice">{{ __('shop.page.accepted-by-on-for-for', ['accepted_by' => $offer->accepted->accepted_by, 'on' => $offer->accepted->accepted_at->translatedFormat('j F Y'), 'cents' => $say($offer->accepted->cents), 'number' => $offer->accepted->revision->number]) }}@if ($offer->hasMovedSince()) <b>{{ __('shop.page.the-plan-has-changed-since') }}</b> <a href="{{ route('record.compare', [$doorway, 'from' => $offer->accepted->revision->number, 'to' => $doorway->revision->number]) }}">{{ __('shop.page.what-changed') }}</a>@endif</p>@endif
  <x-pictured :plan="$plan" :speak="$offer->materials->speak()" :photo="$offer->photo()" />
  <p class="group-note"><a href="{{ route('papers.sheet', $doorway) }}">{{ __('frame.working-drawing') }}</a> · <a href="{{ $offer::links($doorway)['show'] }}">{{ __('shop.customer.link') }}</a></p>
  @include('shop.offered')
  <form method="post" action="{{ route('offer.accept', $doorway) }}" class="reckons">@csrf<label>{{ __('shop.page.accepted-by') }} <input class="form-control" name="name" maxlength="120" autocomplete="name" value="{{ old('name') }}"></label><button class="btn btn-primary">{{ __('shop.page.accept-for-change', ['number' => $doorway->revision->number]) }}</button>@error('name')<span class="refused" role="alert">{{ $message }}</span>@enderror</form>
</main>
</x-doorway>
