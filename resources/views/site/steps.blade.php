@use('YokeLine\Inspection\Cautions')
@use('App\Words\StepWords')
@use('YokeLine\Recovery\Problems')
@php([$steps, $next, $speak] = [$run->steps(), $run->next(), App\Words\Speaker::in($run->write)])
<div id="site-state" data-change="{{ $run->doorway->revision->number }}" data-next="{{ $next }}">
<p class="site-far"><progress max="{{ count($steps) }}" value="{{ $run->done() }}" aria-label="Steps done"></progress> {{ $run->done() }} of {{ count($steps) }} steps, change {{ $run->doorway->revision->number }}</p>
@foreach ($run->deviations() as $row => $offs)<p class="deviation">@foreach ($offs as [$ask, $off])<b>{{ $speak->say($ask->called()) }}: {{ $off }}.</b> @endforeach <a href="{{ route('found', [$run->doorway, $row]) }}">What can be done</a></p>@endforeach
<ol id="site-list" hidden>
  @foreach ($steps as $one)<li><button type="button" data-to="{{ $one->step->id }}" data-state="{{ $one->state }}"><i aria-hidden="true"></i>{{ $one->title }}<span class="visually-hidden">, {{ $one->state }}</span></button></li>@endforeach
</ol>
@foreach ($steps as $i => $one)
<section class="site-step" data-step="{{ $one->step->id }}" data-state="{{ $one->state }}" aria-label="{{ $one->title }}" @if ($one->step->id !== ($next ?? $steps[0]->step->id)) hidden @endif>
  <p class="site-card">{{ $one->card }} · step {{ $i + 1 }}@if ($one->step->people > 1) · <b>{{ $one->step->people }} people</b>@endif · {{ StepWords::about($one->step->minutes) }}</p>
  <h2 tabindex="-1">{{ $one->title }}</h2>
  <p class="site-said">{{ $one->state === 'done' ? 'Done.' : ($one->state === 'skipped' ? "Skipped: {$one->reason}" : $one->reason) }}</p>
  @if (array_filter($one->before, fn ($before) => ! $before[1]))<p class="site-before"><b>First:</b> @foreach ($one->before as [$says, $true])@unless ($true)<span>{{ $says }}</span> @endunless @endforeach</p>@endif
  @if ($one->drawing)<div class="site-drawing">{!! $one->drawing !!}</div>@endif
  @foreach ($one->asks as [$ask, $typed, $off])
    <label class="site-ask @if ($off) is-off @endif">{{ $speak->say($ask->called()) }}<span>planned {{ $run->write->show($ask->planned) }}</span><input class="form-control" type="text" inputmode="{{ $run->write->unit->value === 'mm' ? 'decimal' : 'text' }}" autocomplete="off" data-ask="{{ $ask->id }}" value="{{ $typed }}" aria-label="{{ $speak->say($ask->called()) }}, measured"><em>@if ($off){{ $off }} · <a href="{{ route('found', [$run->doorway, $ask->row]) }}">ways out</a>@endif</em></label>
  @endforeach
  @if ($one->readings)<dl class="site-readings">@foreach ($one->readings as [$number, $says])<div><dt>{{ $says }}</dt><dd>{{ $number }}</dd></div>@endforeach</dl>@endif
  @if ($one->hand)<ul class="hand">@foreach ($one->hand as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
  @if (StepWords::tools($one->step))<p class="site-tools"><b>In hand:</b> {{ implode(', ', StepWords::tools($one->step)) }}.</p>@endif
  @php($cautions = Cautions::at($one->step, $run->plan))
  @if ($cautions)<ul class="site-cautions">@foreach ($cautions as $caution)<li>{{ $speak->say($caution) }}</li>@endforeach</ul>@endif
  <details class="site-problem"><summary>Problem</summary>
    <ul>@foreach (Problems::ROWS as $row)<li><a href="{{ route('found', [$run->doorway, $row]) }}">{{ $speak->say(Problems::title($row)) }}</a></li>@endforeach</ul>
    <label>Something else <textarea class="form-control" rows="2" data-note></textarea></label>
    <div class="site-two"><button type="button" class="btn" data-keep-note>Keep the note</button><label class="btn">Photograph<input type="file" accept="image/*" capture="environment" class="visually-hidden" data-photo></label></div>
  </details>
  <details class="site-problem"><summary>Skip</summary><label>Why <input class="form-control" type="text" data-reason></label><button type="button" class="btn" data-say="skipped">Skip it</button></details>
  <nav class="site-bar" aria-label="This step"><button type="button" data-go="-1" aria-label="Step before">‹</button>@if ($one->state === 'open')<button type="button" class="is-done" data-say="done">Done</button>@else<button type="button" data-say="open">Open again</button>@endif<button type="button" data-go="1" aria-label="Next step">›</button></nav>
</section>
@endforeach
</div>
