@use('App\Shop\Setting')
@use('YokeLine\Drawing\Elevation')
@use('YokeLine\Drawing\Svg')
@php([$doorway, $price, $say, $plan] = [$offer->doorway, $offer->price(), $offer->materials->prices->say(...), array_values($offer->materials->plans)[0]])
<x-page :title="$doorway->name.', offer'" class="is-marks">
@include('record.top', ['title' => 'Offer', 'setout' => $doorway->setout($offer->materials->write->unit)])
<main class="marks-page hand-over">
  <p class="sheet-verdict"><b>{{ $say($price['total']) }}</b> in all, tax included, for change {{ $doorway->revision->number }} of the plan.@if ($price['unpriced']) <a href="{{ route('materials', [$doorway->job_id, 'doorway' => $doorway->id]) }}">{{ $price['unpriced'] }} lines have no price yet.</a>@endif On paper: @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<a href="{{ route('offer.paper', [$doorway, 'paper' => $paper]) }}">{{ $name }} (PDF)</a> @endforeach</p>
  @if ($offer->accepted)<p class="notice">Accepted by {{ $offer->accepted->accepted_by }} on {{ $offer->accepted->accepted_at->format('j F Y') }} for {{ $say($offer->accepted->cents) }}, for change {{ $offer->accepted->revision->number }}.@if ($offer->hasMovedSince()) <b>The plan has changed since: have it accepted again.</b> <a href="{{ route('compare', [$doorway, 'from' => $offer->accepted->revision->number, 'to' => $doorway->revision->number]) }}">What changed</a>@endif</p>@endif
  <div class="detail"><figure>{!! Svg::write(Elevation::of($plan->doorway, $plan, $offer->materials->speak())) !!}</figure>
    <table class="table"><caption>What you get</caption><tbody>@foreach ($offer->choices() as [$name, $says])<tr><th scope="row">{{ $name }}</th><td>{{ $says }}</td></tr>@endforeach
      <tr><th scope="row">Materials</th><td class="number">{{ $say($price['materials']) }}</td></tr><tr><th scope="row">Work</th><td class="number">{{ $say($price['work']) }}</td></tr><tr><th scope="row">Tax, {{ $offer->materials->prices->setting(Setting::Tax) }} %</th><td class="number">{{ $say($price['tax']) }}</td></tr></tbody></table></div>
  <div class="two"><div><h2>Not included</h2><ul class="hand">@foreach ($offer->notIncluded() as $says)<li>{{ $says }}</li>@endforeach</ul></div><div><h2>To know</h2><ul class="hand">@foreach ($offer->cautions() as $says)<li>{{ $says }}</li>@endforeach</ul></div></div>
  <form method="post" action="{{ route('offer.accept', $doorway) }}" class="reckons">@csrf<label>Accepted by <input class="form-control" name="name" maxlength="120" autocomplete="name" value="{{ old('name') }}"></label><button class="btn btn-primary">Accept for change {{ $doorway->revision->number }}</button>@error('name')<span class="refused" role="alert">{{ $message }}</span>@enderror</form>
</main>
</x-page>
