<x-doorway :frame="new App\Frame\DoorwayFrame($form->doorway, 'marks.line')" class="is-marks">
<main id="marks" class="marks-page has-settings" hx-target="#marks" hx-swap="morph" hx-ext="morph" hx-sync="#marks:queue all" hx-include="#base">@include('marks.line-rows')</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
</x-doorway>
