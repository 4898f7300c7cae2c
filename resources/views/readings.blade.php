<x-page :title="$doorway->name.', readings'" class="is-list">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Readings for {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'wall']) }}">Back to the bench</a></div>
</header>
<main class="list readings">
  @foreach ($errors->all() as $error)<p class="refused" role="alert">{{ $error }}</p>@endforeach
  <form method="post" action="{{ route('readings.preview', $doorway) }}" enctype="multipart/form-data">@csrf
    <label for="text"><b>A table of readings</b><span>First row <code>x,level</code> for the floor, or <code>place,value</code> for a survey: wall from, wall to, ceiling, left jamb, width, height, casing left, stud … Width, height and stud may come several times.</span></label>
    <textarea id="text" class="form-control number" name="text" rows="8" placeholder="x,level&#10;600,0&#10;1770,5">{{ $text }}</textarea>
    <p><label class="btn">Or choose a file<input type="file" name="file" accept=".csv,.txt,text/csv" class="visually-hidden" data-submits></label> <button class="btn btn-primary">See what it says</button></p>
  </form>
  @if ($read)
    <h2>{{ count(array_filter(array_column($read->lines, 'ok'))) }} rows read, {{ count($read->lines) - count(array_filter(array_column($read->lines, 'ok'))) }} left out</h2>
    <table class="table"><thead><tr><th scope="col">Line</th><th scope="col">Read as</th></tr></thead><tbody>
      @foreach ($read->lines as $line)<tr @class(['refused' => ! $line['ok']])><td class="number">{{ $line['line'] }}</td><td>{{ $line['says'] }}</td></tr>@endforeach
    </tbody></table>
    @if ($read->isUsable())
      <form method="post" action="{{ route('readings.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><textarea name="text" hidden>{{ $text }}</textarea><button class="btn btn-primary">Take them</button> <span class="group-note">{{ implode(', ', array_map(fn (string $place) => App\Words\Places::name($place), array_keys($read->changes))) }} will be as here; undo gives the old back.</span></form>
    @endif
  @endif
</main>
</x-page>
