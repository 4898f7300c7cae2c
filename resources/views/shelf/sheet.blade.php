<input type="hidden" id="seen" name="seen" value="{{ $ledger->seen() }}">
<section class="kit-drawn" aria-label="{{ __('common.page.drawing') }}">
  <h2>{{ $form->row->name }}</h2>
  @if ($form->kit)
    {!! $form->drawing() !!}
    <table class="table heights">
      <caption>{{ __('shelf.page.the-same-height-three-ways') }}</caption>
      <tbody>
        <tr><th scope="row">{{ __('shelf.page.to-the-hole-centre-the') }}</th><td>{{ $form->write->show($form->kit->rise) }}</td></tr>
        <tr><th scope="row">{{ __('shelf.page.to-the-rails-top-where') }}</th><td>{{ $form->write->show($form->kit->rise->plus($form->kit->rail->height->half())) }}</td></tr>
        <tr><th scope="row">{{ __('shelf.page.to-the-rails-foot-the') }}</th><td>{{ $form->write->show($form->kit->topGapAsMade()) }}</td></tr>
      </tbody>
    </table>
  @else
    <p class="nothing">{{ __('shelf.page.the-drawing-comes-once-the', ['count' => count($form->unreadable)]) }}</p>
  @endif
</section>
<section class="set" aria-label="{{ __('shelf.page.the-kits-sheet') }}">@include('bench.fields', ['form' => $form])</section>
<section class="means" aria-label="{{ __('common.page.what-it-means') }}">
  @php([$findings, $speak] = [$form->findings(), App\Words\Speaker::in($form->write)])
  <div class="verdict verdict-{{ $form->kit === null ? 'unmeasured' : ($findings === [] ? 'fits' : 'to-settle') }}" aria-live="polite"><h2>{{ $form->kit === null ? __('shelf.page.not-all-entered') : ($findings === [] ? __('shelf.page.agrees') : __('shelf.page.look-again')) }}</h2></div>
  <ol class="findings">
    @foreach ($findings as $finding)
      <li class="finding is-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}"><svg class="sign sign-{{ $finding->severity->value }}" aria-hidden="true"><use href="#sign-{{ $finding->severity->value }}"/></svg><div><h3><a href="#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $finding->where), '-') }}" data-goto>{{ $speak->say($finding->says()) }}</a></h3>@if ($more = $speak->say($finding->more()))<p>{{ $more }}</p>@endif</div></li>
    @endforeach
    @foreach ($form->unreadable as $place => $why)
      <li class="finding is-settle"><svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg><div><h3><a href="#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $place), '-') }}" data-goto>{{ $form->field($place)?->label ?? $place }}</a></h3><p>{{ $speak->say($why) }}</p></div></li>
    @endforeach
  </ol>
  <p class="group-note">{{ __('shelf.page.doorways-keep-the-kit-as') }}</p>
@include('editing.history')
</section>
