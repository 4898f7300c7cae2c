@php([$write, $card] = [$form->setout->write, $form->card()])
@php($speak = App\Words\Speaker::in($write))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<section class="size-card" aria-label="{{ __('fitting.page.size-card') }}">
  <h2>{{ __('fitting.page.what-to-look-for-at') }}</h2>
  @if ($card === null)
    <p class="nothing">{{ __('fitting.page.measure-the-doorway-first') }}</p>
  @else
    <p>{{ __('fitting.page.in', ['name' => $form->setout->plan->kit->name, 'leaf' => $form->setout->plan->layout->width->size->total->isPositive() && count($form->setout->plan->layout->runs) > 1 ? __('fitting.page.each-of-two-doors') : __('fitting.page.one-door'), 'unit' => __("sheet.{$write->unit->value}")]) }}</p>
    <table class="table">
      <thead><tr><th scope="col"></th><th scope="col">{{ __('fitting.page.least', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('fitting.page.greatest', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('fitting.page.trimmed', ['unit' => $write->unit->value]) }}</th><th scope="col">{{ __('fitting.page.what-rules') }}</th></tr></thead>
      <tbody>
        @foreach ([$card->width, $card->height, $card->thickness] as $limit)
          <tr><th scope="row">{{ ucfirst($speak->say($limit->called())) }}</th><td>{{ $limit->least ? $write->showUp($limit->least) : __('fitting.page.none') }}</td><td>{{ $limit->greatest ? $write->showDown($limit->greatest) : __('fitting.page.any') }}</td><td>{{ $limit->trim->isPositive() && $limit->greatest ? $write->showDown($limit->greatestTrimmed()) : '' }}</td><td>@if ($limit->leastRuledBy)<span>{{ __('fitting.page.less', ['least_ruled_by' => lcfirst($speak->say($limit->leastRuledBy))]) }}</span>@endif @if ($limit->greatestRuledBy && $limit->least)<span>{{ __('fitting.page.more', ['greatest_ruled_by' => lcfirst($speak->say($limit->greatestRuledBy))]) }}</span>@endif</td></tr>
        @endforeach
        <tr><th scope="row">{{ __('fitting.page.mass') }}</th><td></td><td>{{ $speak->amount(YokeLine\Measure\Quantity::kilograms($card->greatestKg)) }}</td><td></td><td><span>{{ $speak->say($card->massRuledBy()) }}</span></td></tr>
      </tbody>
    </table>
    <p class="group-note">{{ __('fitting.page.solid-wood-is-wanted-in', ['hanger_inset' => $write->show($form->setout->plan->layout->hangerInset()), 'pull_height' => $write->show($form->setout->plan->doorway->brief->rules->pullHeight)]) }}</p>
  @endif
</section>
<section class="set" aria-label="{{ __('fitting.page.the-leaf-in-hand') }}">@include('bench.fields', ['form' => $form])</section>
<section class="means" aria-label="{{ __('fitting.page.whether-it-fits') }}">
  @php($each = $form->fits($card))
  @forelse ($each as $leaf => $fits)
    @php($worst = YokeLine\Fitting\Fit::together($fits))
    <div class="verdict verdict-{{ ['reject' => 'stopped', 'unknown' => 'to-settle'][$worst] ?? 'fits' }}" aria-live="polite"><h2>@if (count($form->setout->plan->layout->runs) > 1){{ ucfirst(__("words.leaves.{$leaf}")) }}: @endif{{ __("fitting.page.verdicts.{$worst}") }}</h2></div>
    <ol class="findings">
      @foreach ($fits as $fit)
        @php($sign = ['fits' => 'ok', 'trim' => 'settle', 'pack' => 'settle', 'reject' => 'stop', 'unknown' => 'note'][$fit->verdict])
        <li class="finding"><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg><div><h3>{{ ucfirst($speak->say($fit->called())) }}: {{ __("fitting.page.each.{$fit->verdict}") }}</h3><p>{{ $speak->say($fit->says()) }}</p></div></li>
      @endforeach
    </ol>
  @empty
    <p class="nothing">{{ __('fitting.page.type-what-the-leaf-in') }}</p>
  @endforelse
</section>
<section class="from-old" aria-label="{{ __('fitting.page.old-doors') }}">
  <h2>{{ __('fitting.page.old-doors') }}</h2>
  <p class="group-note">{{ __('fitting.page.from-old-doors') }} <a href="{{ route('door.made', $form->doorway) }}">{{ __('frame.pages.door.made') }}</a></p>
  @foreach ($form->madeFromOld() as $leaf)
    @if ($form->setout->plan->making->other !== null)<h3>{{ $leaf->title() }}</h3>@endif
    @include('bench.old-leaves')
  @endforeach
</section>
