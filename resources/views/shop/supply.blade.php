@php($names = $materials->called())
@php([$ordered, $here, $missing, $wrong, $prices] = [$supply->ordered(), $supply->here(), $supply->missing(), $supply->wrong(), $materials->prices])
<x-job :job="$job" page="supply">
<main class="marks-page materials">
  @if ($silent)<p class="refused" role="alert">{{ $silent }}</p>@endif
  <p class="sheet-verdict"><b>{{ $ordered === [] ? __('shop.page.nothing-ordered') : ($missing === [] ? __('shop.page.all-here') : trans_choice('shop.page.ordered-and-not-here', count($missing))) }}</b> {{ __('shop.page.the-supplier-is-a-simulated') }}</p>
  <div class="reckons">
    <a class="btn" href="{{ route('supply', [$job, 'ask' => 1]) }}">{{ __('shop.page.ask-what-they-have') }}</a>
    <form method="post" action="{{ route('supply.order', $job) }}">@csrf<button class="btn btn-primary">{{ __('shop.page.order-what-is-not-ordered') }}</button></form>
    <form method="post" action="{{ route('supply.receive', $job) }}">@csrf<button class="btn">{{ __('shop.page.take-in-what-came') }}</button></form>
  </div>
  @foreach ($wrong as $receipt)<form method="post" action="{{ route('supply.return', $job) }}" class="notice">@csrf<input type="hidden" name="receipt" value="{{ $receipt->id }}">{{ __('shop.page.came-and-was-not-ordered', ['receipt' => $materials->amount($receipt->key, $receipt->count), 'key' => $names[$receipt->key] ?? $receipt->key]) }} <button class="btn">{{ __('shop.page.send-it-back') }}</button></form>@endforeach
  @foreach ($supply->orders()->where('is_answered', false) as $order)<p class="notice">{{ __('shop.page.the-order-of-was-not', ['at' => $order->created_at->translatedFormat('j M, H:i')]) }}</p>@endforeach
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">{{ __('common.page.what') }}</th><th scope="col">{{ __('shop.page.wanted') }}</th><th scope="col">{{ __('shop.page.ordered') }}</th><th scope="col">{{ __('shop.page.here') }}</th><th scope="col">{{ __('shop.page.missing') }}</th>@if ($quotes !== null)<th scope="col">{{ __('shop.page.they-have') }}</th><th scope="col">{{ __('shop.page.each') }}</th><th scope="col">{{ __('shop.page.working-days') }}</th>@endif</tr></thead><tbody>
    @foreach ($materials->wanted() as $key => $count)
      @php($quote = $quotes[$key] ?? null)
      <tr>
        <th scope="row">{{ $names[$key] }}</th>
        <td class="number">{{ $materials->amount($key, $count) }}</td>
        @foreach ([$ordered, $here, $missing] as $amounts)
          <td class="number">{{ isset($amounts[$key]) ? $materials->amount($key, $amounts[$key]) : '' }}</td>
        @endforeach
        @if ($quotes !== null)
          <td>{{ $quote === null ? __('shop.page.not-in-their-list') : ($quote->isBackOrder() ? __('shop.page.back-order') : $quote->inStock) }}</td>
          <td class="number">{{ $quote === null ? '' : $prices->say($quote->cents) }}</td>
          <td class="number">{{ $quote?->days }}</td>
        @endif
      </tr>
    @endforeach
  </tbody></table></div>
</main>
</x-job>
