<section aria-label="Paper and files">
  <h2>To drill from, and for other programs</h2>
  <ul class="give-out">
    @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<li><a href="{{ route('give-out', [$doorway, 'templates.pdf', 'paper' => $paper]) }}">Templates, {{ $name }}</a> leaf corners, foot, guide and story strip, true to size (PDF)</li>@endforeach
    <li><a href="{{ route('give-out', [$doorway, 'wall.dxf']) }}">Wall as DXF</a> R12, millimetres, a layer to each part</li>
    <li><a href="{{ route('give-out', [$doorway, 'wall.svg']) }}">Wall as SVG</a> true to size</li>
    <li><a href="{{ route('give-out', [$doorway, 'marks.csv']) }}">Marks and fixings as CSV</a> millimetres</li>
    <li><a href="{{ route('files.show', $doorway) }}">Doorway file</a> everything that was typed, to bring in elsewhere</li>
  </ul>
</section>
