<input type="hidden" id="seen" name="seen" value="{{ $ledger->seen() }}">
<section class="kit-drawn"><h2>{{ $form->row->name }}</h2><p>{{ __("shelf.parts.used.{$form->row->kind->value}") }}</p></section>
<section class="set" aria-label="{{ __('shelf.parts.part') }}">@include('bench.fields', ['form' => $form])</section>
<section class="means">@include('editing.history')</section>
