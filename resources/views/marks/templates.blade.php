<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'marks.templates')" class="is-marks">
<main class="marks-page">
  <ul class="give-out">
    @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<li><a href="{{ route('give-out', [$doorway, 'templates.pdf', 'paper' => $paper]) }}">{{ __('marks.page.templates', ['name' => $name]) }}</a> {{ __('marks.page.leaf-corners-foot-guide-and') }}</li>@endforeach
  </ul>
</main>
</x-doorway>
