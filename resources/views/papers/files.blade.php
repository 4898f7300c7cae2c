@php($unit = ['unit' => __("sheet.{$frame->setout()->doorway->units->value}")])
<x-doorway :frame="$frame" class="is-marks">
<main class="marks-page">
  <ul class="give-out">
    @if ($frame->setout()->plan)
    <li><a href="{{ route('give-out', [$doorway, 'wall.dxf']) }}">{{ __('marks.page.wall-as-dxf') }}</a> {{ __('marks.page.r12-a-layer-to', $unit) }}</li>
    <li><a href="{{ route('give-out', [$doorway, 'wall.svg']) }}">{{ __('marks.page.wall-as-svg') }}</a> {{ __('marks.page.true-to-size') }}</li>
    <li><a href="{{ route('give-out', [$doorway, 'marks.csv']) }}">{{ __('marks.page.marks-and-fixings-as-csv') }}</a> {{ $unit['unit'] }}</li>
    @endif
    <li><a href="{{ route('files.show', $doorway) }}">{{ __('marks.page.doorway-file') }}</a> {{ __('marks.page.everything-that-was-typed-to') }}</li>
  </ul>
</main>
</x-doorway>
