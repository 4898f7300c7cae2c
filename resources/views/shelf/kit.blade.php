<x-page :title="$form->row->name" class="is-kit">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __('shelf.page.kit') }}</h1><a href="{{ route('shelf') }}">{{ __('shelf.page.the-shelf') }}</a></div>
  <x-places at="shelf" />
  <x-units :shown="$form->unit()" :own="$form->kept" />
</header>
<main id="kit" class="kit-page" hx-include="#seen" hx-target="#kit" hx-swap="morph" hx-ext="morph" hx-sync="#kit:queue all">
  @include('shelf.sheet')
</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
</x-page>
