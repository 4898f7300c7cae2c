<header class="top">
  <a class="home" href="/" aria-label="All jobs" title="All jobs"><x-mark /></a>
  <div class="whose">
    <h1>{{ $doorway->name }}</h1>
    <a href="/">{{ $doorway->job->name }}</a>
  </div>
  <nav class="stations" aria-label="Stations of the work">
    @foreach (App\Bench\Station::cases() as $station)
      @php($done = $station->isDone($bench->setout))
      <a href="{{ $bench->url }}/{{ $station->value }}" @class(['station', 'is-here' => $station === $bench->station, 'is-done' => $done]) @if ($station === $bench->station) aria-current="step" @endif>
        <span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ $station->label() }}@if ($done)<span class="visually-hidden">, settled</span>@endif
      </a>
    @endforeach
    @if ($bench->setout->plan)
      <a href="{{ $bench->url }}/marks" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>Marks</a>
      <a href="{{ $bench->url }}/site" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>Site</a>
      <a href="{{ $bench->url }}/log" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>Log</a>
      <a href="{{ $bench->url }}/sheet" @class(['station', 'is-done' => App\Bench\Station::Rail->isDone($bench->setout)])><span class="wheels" aria-hidden="true"><i></i><i></i></span>Sheet</a>
    @else
      <span class="station is-off" title="There is a sheet once there is a plan"><span class="wheels" aria-hidden="true"><i></i><i></i></span>Sheet</span>
    @endif
  </nav>
  <div class="tools">
    @php($undo = $bench->undo())
    <div class="pair" role="group" aria-label="History">
      <button type="button" id="undo" hx-post="{{ $bench->url }}/undo" hx-vals='{"station": "{{ $bench->station->value }}"}' @disabled(! $undo->canUndo())>Undo</button>
      <button type="button" id="redo" hx-post="{{ $bench->url }}/redo" hx-vals='{"station": "{{ $bench->station->value }}"}' @disabled(! $undo->canRedo())>Redo</button>
    </div>
    <form class="pair" method="post" action="/editor" aria-label="Units">
      @csrf
      @foreach (['mm', 'in'] as $unit)
        <button name="units" value="{{ $unit }}" aria-pressed="{{ $bench->setout->write->unit->value === $unit ? 'true' : 'false' }}">{{ $unit }}</button>
      @endforeach
    </form>
    <a class="saved" href="{{ $bench->url }}/history" title="Every change is kept: see them all">kept {{ $doorway->revision->created_at->format('H:i') }}<br>change {{ $doorway->revision->number }}</a>
  </div>
</header>
