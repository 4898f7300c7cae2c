<x-page :title="$form->row->name" at="shelf" :units="[$form->unit(), $form->kept]" class="is-kit">
<header class="bar-job"><div class="whose"><h1>{{ $form->row->name }}</h1></div><nav class="tabs" aria-label="{{ __('top.nav.shelf') }}"><a href="{{ route('shelf') }}" aria-current="true">{{ __('frame.pages.kits') }}</a><a href="{{ route('shelf.parts') }}">{{ __('frame.pages.parts') }}</a></nav></header>
<main id="kit" class="kit-page" hx-include="#seen" hx-target="#kit" hx-swap="morph" hx-ext="morph" hx-sync="#kit:queue all">
  @include('shelf.sheet')
</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
</x-page>
