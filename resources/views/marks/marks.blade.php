@use('App\Marking\Proofs')
@php([$plan, $write, $marking] = [$form->plan(), $form->setout->write, $form->marking()])
@php($speak = App\Words\Speaker::in($write))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<section class="set" aria-label="How it is marked out">@include('bench.fields')</section>
<div class="marks">
  <p class="sheet-verdict"><b>{{ $speak->say($form->setout->verdict()->says()) }}</b> @if ($form->setout->verdict() !== YokeLine\Inspection\Verdict::Fits) <a href="{{ route('bench', [$form->doorway, 'rail']) }}">Settle it before anything is marked.</a>@endif</p>
  @foreach ($form->notices as $notice)<p class="notice" role="status">{{ $notice->says }}</p>@endforeach
  @foreach ($form->pulls() as $tape => $pulls)
    <section class="tape-of" aria-label="{{ $names = ['wall' => 'Along the wall', 'board' => 'On the board', 'rail' => 'On the rail', 'floor' => 'On the floor'][$tape] }}">
      <h2>{{ $names }}</h2>
      @if ($pulls->pulls === [])
        <p class="refusal">No tape hooked so reaches every mark. Let a chosen pull go, or take a longer tape.</p>
      @elseif ($tape === 'wall')
        <p>{{ $pulls->hookings() === 1 ? 'One hooking' : $pulls->hookings().' hookings' }}@if ($pulls->carriedHooks()), {{ $pulls->carriedHooks() }} carried up with a plumb @endif, {{ $write->showWithUnit($pulls->walk) }} walked. Each mark alone from the {{ $speak->say($pulls->first->says()) }} would take {{ $pulls->naive['hookings'] }} hookings and {{ $write->showWithUnit($pulls->naive['walk']) }}.</p>
      @endif
      @foreach ($pulls->pulls as $i => $pull)@include('marks.pull')@endforeach
    </section>
  @endforeach
  @include('marks.heights')
  @include('marks.proofs')
  @include('marks.files', ['doorway' => $form->doorway])
</div>
