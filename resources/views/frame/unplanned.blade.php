{{-- A page that shows what comes of a plan, where nothing can be planned yet. --}}
<x-doorway :frame="$frame" class="is-marks">
<main class="marks-page"><p class="nothing">{{ __("frame.unplanned.{$frame->page}") }} {{ __('frame.unplanned.first') }}</p><p><a class="btn btn-primary" href="{{ route('wall.measure', $frame->doorway) }}">{{ __('frame.unplanned.measure') }}</a></p></main>
</x-doorway>
