@php($names = $materials->called())
@php([$ordered, $here, $missing, $wrong, $prices] = [$supply->ordered(), $supply->here(), $supply->missing(), $supply->wrong(), $materials->prices])
<x-page :title="$job->name.', supply'" class="is-marks">
@include('shop.top', ['title' => 'Supply'])
<main class="marks-page materials">
  @if ($silent)<p class="refused" role="alert">{{ $silent }}</p>@endif
  <p class="sheet-verdict"><b>{{ $ordered === [] ? 'Nothing is ordered yet.' : ($missing === [] ? 'Everything that was ordered is here.' : count($missing).' things are ordered and not here.') }}</b> The supplier is a simulated one that ships with Yoke Line.</p>
  <div class="reckons">
    <a class="btn" href="{{ route('supply', [$job, 'ask' => 1]) }}">Ask what they have</a>
    <form method="post" action="{{ route('supply.order', $job) }}">@csrf<button class="btn btn-primary">Order what is not ordered</button></form>
    <form method="post" action="{{ route('supply.receive', $job) }}">@csrf<button class="btn">Take in what came</button></form>
  </div>
  @foreach ($wrong as $receipt)<form method="post" action="{{ route('supply.return', $job) }}" class="notice">@csrf<input type="hidden" name="receipt" value="{{ $receipt->id }}">Came and was not ordered: {{ $receipt->count }} × {{ $names[$receipt->key] ?? $receipt->key }}. <button class="btn">Send it back</button></form>@endforeach
  @foreach ($supply->orders()->where('is_answered', false) as $order)<p class="notice">The order of {{ $order->created_at->format('j M, H:i') }} was not answered; it is sent again under the same reference with the next order.</p>@endforeach
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">What</th><th scope="col">Wanted</th><th scope="col">Ordered</th><th scope="col">Here</th><th scope="col">Missing</th>@if ($quotes !== null)<th scope="col">They have</th><th scope="col">Each</th><th scope="col">Working days</th>@endif</tr></thead><tbody>
    @foreach ($materials->wanted() as $key => $count)
      @php($quote = $quotes[$key] ?? null)
      <tr><th scope="row">{{ $names[$key] }}</th><td class="number">{{ $count }}</td><td class="number">{{ $ordered[$key] ?? '' }}</td><td class="number">{{ $here[$key] ?? '' }}</td><td class="number">{{ $missing[$key] ?? '' }}</td>@if ($quotes !== null)<td>{{ $quote === null ? 'not in their list' : ($quote->isBackOrder() ? 'back order' : $quote->inStock) }}</td><td class="number">{{ $quote === null ? '' : $prices->say($quote->cents) }}</td><td class="number">{{ $quote?->days }}</td>@endif</tr>
    @endforeach
  </tbody></table></div>
</main>
</x-page>
