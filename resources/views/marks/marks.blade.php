@php([$plan, $write, $marking] = [$form->plan(), $form->setout->write, $form->marking()])
@php($speak = App\Words\Speaker::in($write))
<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<div class="marks">
  @foreach ($form->notices as $notice)<p class="notice" role="status">{{ $notice->says->says() }}</p>@endforeach
  @foreach ($form->pulls() as $tape => $pulls)
    <section class="tape-of" aria-label="{{ $names = __("sheet.tapes.{$tape}") }}">
      <h2>{{ $names }}</h2>
      @if ($pulls->pulls === [])
        <p class="refusal">{{ __('marks.page.no-tape-hooked-so-reaches') }}</p>
      @endif
      @foreach ($pulls->pulls as $i => $pull)@include('marks.pull')@endforeach
    </section>
  @endforeach
  @include('marks.heights')
</div>
<section class="set" aria-label="{{ __('marks.page.how-it-is-marked-out') }}">@include('bench.fields')</section>
