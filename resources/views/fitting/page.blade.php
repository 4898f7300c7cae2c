<x-doorway :frame="new App\Frame\DoorwayFrame($form->doorway, 'door.in-hand')" class="is-card">
<main id="card" class="card-page" hx-target="#card" hx-swap="morph" hx-ext="morph" hx-sync="#card:queue all" hx-include="#base">@include('fitting.card')</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
</x-doorway>
