<input type="hidden" id="base" name="base" value="{{ $form->doorway->revision_id }}">
<div class="marks">
  @foreach ($form->notices as $notice)<p class="notice" role="status">{{ $notice->says->says() }}</p>@endforeach
  @include('marks.proofs')
</div>
<section class="set" aria-label="{{ __('marks.page.how-it-is-marked-out') }}">@include('bench.fields')</section>
