<header class="top">
  <a class="home" href="/" aria-label="{{ __('common.page.all-jobs') }}" title="{{ __('common.page.all-jobs') }}"><x-mark /></a>
  <div class="whose">
    <h1>{{ $doorway->name }}</h1>
    <a href="/">{{ $doorway->job->name }}</a>
  </div>
  <nav class="stations" aria-label="{{ __('bench.page.stations-of-the-work') }}">
    @foreach (App\Bench\Station::cases() as $station)
      @php($done = $station->isDone($bench->setout))
      <a href="{{ $bench->url }}/{{ $station->value }}" @class(['station', 'is-here' => $station === $bench->station, 'is-done' => $done]) @if ($station === $bench->station) aria-current="step" @endif>
        <span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ $station->label() }}@if ($done)<span class="visually-hidden">{{ __('bench.page.settled') }}</span>@endif
      </a>
    @endforeach
    @if ($bench->setout->plan)
      <a href="{{ $bench->url }}/marks" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ __('bench.page.marks') }}</a>
      <a href="{{ $bench->url }}/site" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ __('bench.page.site') }}</a>
      <a href="{{ $bench->url }}/log" class="station"><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ __('bench.page.log') }}</a>
      <a href="{{ $bench->url }}/sheet" @class(['station', 'is-done' => App\Bench\Station::Rail->isDone($bench->setout)])><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ __('bench.page.sheet') }}</a>
    @else
      <span class="station is-off" title="{{ __('bench.page.there-is-a-sheet-once') }}"><span class="wheels" aria-hidden="true"><i></i><i></i></span>{{ __('bench.page.sheet') }}</span>
    @endif
  </nav>
  <div class="tools">
    @php($undo = $bench->undo())
    <div class="pair" role="group" aria-label="{{ __('bench.page.history') }}">
      <button type="button" id="undo" hx-post="{{ $bench->url }}/undo" hx-vals='{"station": "{{ $bench->station->value }}"}' @disabled(! $undo->canUndo())>{{ __('bench.page.undo') }}</button>
      <button type="button" id="redo" hx-post="{{ $bench->url }}/redo" hx-vals='{"station": "{{ $bench->station->value }}"}' @disabled(! $undo->canRedo())>{{ __('bench.page.redo') }}</button>
    </div>
    <x-units :shown="$bench->setout->write->unit" :own="$bench->setout->doorway->units" />
    <a class="saved" href="{{ $bench->url }}/history" title="{{ __('bench.page.every-change-is-kept-see') }}">{{ __('bench.page.kept', ['at' => $doorway->revision->created_at->format('H:i')]) }}<br>{{ __('bench.page.change', ['number' => $doorway->revision->number]) }}</a>
  </div>
</header>
