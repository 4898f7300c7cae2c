<section aria-label="{{ __('marks.page.paper-and-files') }}">
  <h2>{{ __('marks.page.to-drill-from-and-for') }}</h2>
  <ul class="give-out">
    @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<li><a href="{{ route('give-out', [$doorway, 'templates.pdf', 'paper' => $paper]) }}">{{ __('marks.page.templates', ['name' => $name]) }}</a> {{ __('marks.page.leaf-corners-foot-guide-and') }}</li>@endforeach
    <li><a href="{{ route('give-out', [$doorway, 'wall.dxf']) }}">{{ __('marks.page.wall-as-dxf') }}</a> {{ __('marks.page.r12-millimetres-a-layer-to') }}</li>
    <li><a href="{{ route('give-out', [$doorway, 'wall.svg']) }}">{{ __('marks.page.wall-as-svg') }}</a> {{ __('marks.page.true-to-size') }}</li>
    <li><a href="{{ route('give-out', [$doorway, 'marks.csv']) }}">{{ __('marks.page.marks-and-fixings-as-csv') }}</a> {{ __('marks.page.millimetres') }}</li>
    <li><a href="{{ route('files.show', $doorway) }}">{{ __('marks.page.doorway-file') }}</a> {{ __('marks.page.everything-that-was-typed-to') }}</li>
  </ul>
</section>
