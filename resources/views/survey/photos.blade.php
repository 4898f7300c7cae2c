<x-doorway :frame="$page->frame" class="is-marks">
<main class="marks-page photo-page" id="photo-page" data-measure="{{ route('wall.measure', $page->doorway) }}">
  @include('survey.photo')
</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b></p>
</x-doorway>
