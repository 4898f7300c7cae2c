@php([$write, $card] = [$form->setout->write, $form->card()])
@php($speak = App\Words\Speaker::in($write))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<section class="size-card" aria-label="Size card">
  <h2>What to look for at the yard</h2>
  @if ($card === null)
    <p class="nothing">Measure the doorway first.</p>
  @else
    <p>{{ $form->setout->plan->kit->name }}, {{ $form->setout->plan->layout->width->size->total->isPositive() && count($form->setout->plan->layout->runs) > 1 ? 'each of two leaves' : 'one leaf' }}. In {{ $write->unit->value }}.</p>
    <table class="table">
      <thead><tr><th scope="col"></th><th scope="col">least</th><th scope="col">greatest</th><th scope="col">trimmed</th><th scope="col">what rules</th></tr></thead>
      <tbody>
        @foreach ([$card->width, $card->height, $card->thickness] as $limit)
          <tr><th scope="row">{{ ucfirst($speak->say($limit->called())) }}</th><td>{{ $limit->least ? $write->showUp($limit->least) : 'none' }}</td><td>{{ $limit->greatest ? $write->showDown($limit->greatest) : 'any' }}</td><td>{{ $limit->trim->isPositive() && $limit->greatest ? $write->showDown($limit->greatestTrimmed()) : '' }}</td><td>@if ($limit->leastRuledBy)<span>less: {{ lcfirst($speak->say($limit->leastRuledBy)) }}</span>@endif @if ($limit->greatestRuledBy && $limit->least)<span>more: {{ lcfirst($speak->say($limit->greatestRuledBy)) }}</span>@endif</td></tr>
        @endforeach
        <tr><th scope="row">Mass, kg</th><td></td><td>{{ round($card->greatestKg, 1) }}</td><td></td><td><span>{{ $speak->say($card->massRuledBy()) }}</span></td></tr>
      </tbody>
    </table>
    <p class="group-note">Solid wood is wanted {{ $write->show($form->setout->plan->layout->hangerInset()) }} in from either edge, where the hangers are, and for the pull {{ $write->show($form->setout->plan->doorway->brief->rules->pullHeight) }} up.</p>
  @endif
</section>
<section class="set" aria-label="The leaf in hand">@include('bench.fields', ['form' => $form])</section>
<section class="means" aria-label="Whether it fits">
  @php($fits = $form->fits($card))
  @if ($fits === [])
    <p class="nothing">Type what the leaf in hand measures.</p>
  @else
    @php($verdicts = array_column($fits, 'verdict'))
    @php($rejected = in_array('reject', $verdicts, true))
    <div class="verdict verdict-{{ $rejected ? 'stopped' : (in_array('unknown', $verdicts, true) ? 'to-settle' : 'fits') }}" aria-live="polite"><h2>{{ $rejected ? 'Leave it there.' : (in_array('unknown', $verdicts, true) ? 'Not known yet.' : (in_array('trim', $verdicts, true) ? 'It fits, trimmed.' : (in_array('pack', $verdicts, true) ? 'It fits, packed.' : 'It fits.'))) }}</h2></div>
    <ol class="findings">
      @foreach ($fits as $fit)
        @php($sign = ['fits' => 'ok', 'trim' => 'settle', 'pack' => 'settle', 'reject' => 'stop', 'unknown' => 'note'][$fit->verdict])
        <li class="finding"><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg><div><h3>{{ ucfirst($speak->say($fit->called())) }}: {{ ['fits' => 'fits', 'trim' => 'trim it', 'pack' => 'pack it', 'reject' => 'no', 'unknown' => 'not known'][$fit->verdict] }}</h3><p>{{ $speak->say($fit->says()) }}</p></div></li>
      @endforeach
    </ol>
  @endif
</section>
