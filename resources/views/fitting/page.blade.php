<x-page :title="$form->doorway->name.', '.__('fitting.page.size-card')" class="is-card">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose"><h1>{{ __('fitting.page.size-card-2', ['name' => $form->doorway->name]) }}</h1><a href="{{ route('bench', [$form->doorway, 'leaf']) }}">{{ __('common.page.back-to-the-bench') }}</a></div>
  <x-units :shown="$form->unit()" :own="$form->setout->doorway->units" />
  <button type="button" class="btn" id="print">{{ __('common.page.print') }}</button>
</header>
<main id="card" class="card-page" hx-target="#card" hx-swap="morph" hx-ext="morph" hx-sync="#card:queue all" hx-include="#base">@include('fitting.card')</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
</x-page>
