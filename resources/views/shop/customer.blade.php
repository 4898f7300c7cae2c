@php([$doorway, $price, $say] = [$offer->doorway, $offer->price(), $offer->materials->prices->say(...)])
<x-page :title="$doorway->name" at="" class="is-customer">
<main class="customer hand-over">
  <header><x-mark /><div><h1>{{ $doorway->name }}</h1><p>{{ $doorway->job->name }}</p></div></header>
  @php($isPriced = $price['unpriced'] === 0)
  <x-pictured :plan="array_values($offer->materials->plans)[0]" :speak="$offer->materials->speak()" :photo="$offer->photo()">
  <p class="customer-price">@if ($isPriced)<b>{{ $say($price['total']) }}</b> {{ __('shop.customer.in-all') }}@else{{ __('shop.customer.not-priced') }}@endif</p>
  </x-pictured>
  @if ($offer->accepted && ! $offer->hasMovedSince())
    <p class="notice">{{ __('shop.customer.accepted', ['name' => $offer->accepted->accepted_by, 'on' => $offer->accepted->accepted_at->translatedFormat('j F Y')]) }}</p>
  @endif
  @if (session('asked'))<p class="notice" role="status">{{ __('shop.customer.asked') }}</p>@endif
  @include('shop.offered', ['isPriced' => $isPriced])
  @if ($isPriced && (! $offer->accepted || $offer->hasMovedSince()))
    <form method="post" action="{{ $links['accept'] }}" class="reckons">@csrf<label>{{ __('shop.customer.your-name') }} <input class="form-control" name="name" maxlength="120" autocomplete="name" value="{{ old('name') }}"></label><button class="btn btn-primary">{{ __('shop.customer.accept') }}</button>@error('name')<span class="refused" role="alert">{{ $message }}</span>@enderror</form>
  @endif
  <form method="post" action="{{ $links['ask'] }}" class="customer-ask">@csrf<label>{{ __('shop.customer.your-name') }} <input class="form-control" name="from" maxlength="60" autocomplete="name"></label><label>{{ __('shop.customer.question') }} <textarea class="form-control" name="question" rows="3" maxlength="500">{{ old('question') }}</textarea></label><button class="btn">{{ __('shop.customer.ask') }}</button>@error('question')<span class="refused" role="alert">{{ $message }}</span>@enderror</form>
</main>
</x-page>
