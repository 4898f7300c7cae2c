<input type="hidden" id="seen" name="seen" value="{{ $ledger->seen() }}">
<section class="set" aria-label="The kit’s sheet">@include('bench.fields', ['form' => $form])</section>
<section class="kit-drawn" aria-label="Drawing">
  <h2>{{ $form->row->name }}</h2>
  @if ($form->kit)
    {!! $form->drawing() !!}
    <table class="table heights">
      <caption>The same height, three ways: from the leaf’s top edge up</caption>
      <tbody>
        <tr><th scope="row">to the hole centre: the rise, and the yoke line</th><td>{{ $form->write->show($form->kit->rise) }}</td></tr>
        <tr><th scope="row">to the rail’s top, where the wheel sits</th><td>{{ $form->write->show($form->kit->rise->plus($form->kit->rail->height->half())) }}</td></tr>
        <tr><th scope="row">to the rail’s foot: the top gap</th><td>{{ $form->write->show($form->kit->topGapAsMade()) }}</td></tr>
      </tbody>
    </table>
  @else
    <p class="nothing">The drawing comes once the sheet is told; {{ count($form->unreadable) }} numbers are still wanted.</p>
  @endif
</section>
<section class="means" aria-label="What it means">
  @php([$findings, $speak] = [$form->findings(), App\Words\Speaker::in($form->write)])
  <div class="verdict verdict-{{ $form->kit === null ? 'unmeasured' : ($findings === [] ? 'fits' : 'to-settle') }}" aria-live="polite"><h2>{{ $form->kit === null ? 'Not all told yet.' : ($findings === [] ? 'Its numbers agree.' : 'Look again.') }}</h2></div>
  <ol class="findings">
    @foreach ($findings as $finding)
      <li class="finding is-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}"><svg class="sign sign-{{ $finding->severity->value }}" aria-hidden="true"><use href="#sign-{{ $finding->severity->value }}"/></svg><div><h3><a href="#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $finding->where), '-') }}" data-goto>{{ $speak->say($finding->says()) }}</a></h3>@if ($more = $speak->say($finding->more()))<p>{{ $more }}</p>@endif</div></li>
    @endforeach
    @foreach ($form->unreadable as $place => $says)
      <li class="finding is-settle"><svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg><div><h3><a href="#f-{{ trim(preg_replace('/[^a-z0-9]+/i', '-', $place), '-') }}" data-goto>{{ $form->field($place)?->label ?? $place }}</a></h3><p>{{ $says }}</p></div></li>
    @endforeach
  </ol>
  <p class="group-note">Doorways keep the kit as it was when they were planned; those that use this one are told when it changes.</p>
@include('editing.history')
</section>
