<x-doorway :frame="$frame" class="is-kit">
@if ($form)
<main id="kit" class="kit-page" hx-include="#seen" hx-target="#kit" hx-swap="morph" hx-ext="morph" hx-sync="#kit:queue all">
  @include('shelf.sheet')
</main>
<p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
@else
<main class="marks-page"><p class="nothing">{{ __('frame.no-kit') }}</p><p><a class="btn btn-primary" href="{{ route('rail.stops', $frame->doorway) }}">{{ __('frame.choose-a-kit') }}</a></p></main>
@endif
</x-doorway>
