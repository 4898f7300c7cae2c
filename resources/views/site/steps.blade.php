@use('YokeLine\Inspection\Cautions')
@use('App\Words\StepWords')
@use('YokeLine\Recovery\Problems')
@php([$steps, $next, $speak] = [$run->steps(), $run->next(), App\Words\Speaker::in($run->write)])
<div id="site-state" data-change="{{ $run->doorway->revision->number }}" data-next="{{ $next }}">
<p class="site-far"><progress max="{{ count($steps) }}" value="{{ $run->done() }}" aria-label="{{ __('site.page.steps-done') }}"></progress> {{ __('site.page.of-steps-change', ['done' => $run->done(), 'count' => count($steps), 'number' => $run->doorway->revision->number]) }}</p>
@foreach ($run->deviations() as $row => $offs)<p class="deviation">@foreach ($offs as [$ask, $off])<b>{{ $speak->say($ask->called()) }}: {{ $off }}.</b> @endforeach <a href="{{ route('found', [$run->doorway, $row]) }}">{{ __('site.page.what-can-be-done') }}</a></p>@endforeach
<ol id="site-list" hidden>
  @foreach ($steps as $one)<li><button type="button" data-to="{{ $one->step->id }}" data-state="{{ $one->state }}"><i aria-hidden="true"></i>{{ $one->title }}<span class="visually-hidden">, {{ __("site.page.states.{$one->state}") }}</span></button></li>@endforeach
</ol>
@foreach ($steps as $i => $one)
<section class="site-step" data-step="{{ $one->step->id }}" data-state="{{ $one->state }}" aria-label="{{ $one->title }}" @if ($one->step->id !== ($next ?? $steps[0]->step->id)) hidden @endif>
  <p class="site-card">{{ __('site.page.step', ['card' => $one->card, 'number' => $i + 1]) }}@if ($one->step->people > 1) · <b>{{ __('site.page.people', ['people' => $one->step->people]) }}</b>@endif · {{ StepWords::about($one->step->minutes) }}</p>
  <h2 tabindex="-1">{{ $one->title }}</h2>
  <p class="site-said">{{ $one->state === 'done' ? __('site.page.is-done') : ($one->state === 'skipped' ? __('site.page.is-skipped', ['why' => $one->reason]) : $one->reason) }}</p>
  @if (array_filter($one->before, fn ($before) => ! $before[1]))<p class="site-before"><b>{{ __('site.page.first') }}</b> @foreach ($one->before as [$says, $true])@unless ($true)<span>{{ $says }}</span> @endunless @endforeach</p>@endif
  @if ($one->drawing)<div class="site-drawing">{!! $one->drawing !!}</div>@endif
  @foreach ($one->asks as [$ask, $typed, $off])
    <label class="site-ask @if ($off) is-off @endif">{{ $speak->say($ask->called()) }}<span>{{ __('site.page.planned', ['planned' => $run->write->show($ask->planned)]) }}</span><input class="form-control" type="text" inputmode="{{ $run->write->unit->value === 'mm' ? 'decimal' : 'text' }}" autocomplete="off" data-ask="{{ $ask->id }}" value="{{ $typed }}" aria-label="{{ __('site.page.measured', ['called' => $speak->say($ask->called())]) }}"><em>@if ($off){{ $off }} · <a href="{{ route('found', [$run->doorway, $ask->row]) }}">{{ __('site.page.ways-out') }}</a>@endif</em></label>
  @endforeach
  @if ($one->readings)<dl class="site-readings">@foreach ($one->readings as [$number, $says])<div><dt>{{ $says }}</dt><dd>{{ $number }}</dd></div>@endforeach</dl>@endif
  @if ($one->hand)<ul class="hand">@foreach ($one->hand as $says)<li>{{ $says }}</li>@endforeach</ul>@endif
  @if (StepWords::tools($one->step))<p class="site-tools"><b>{{ __('site.page.in-hand') }}</b> {{ implode(', ', StepWords::tools($one->step)) }}.</p>@endif
  @php($cautions = Cautions::at($one->step, $run->plan))
  @if ($cautions)<ul class="site-cautions">@foreach ($cautions as $caution)<li>{{ $speak->say($caution) }}</li>@endforeach</ul>@endif
  <details class="site-problem"><summary>{{ __('site.page.problem') }}</summary>
    <ul>@foreach (Problems::ROWS as $row)<li><a href="{{ route('found', [$run->doorway, $row]) }}">{{ $speak->say(Problems::title($row)) }}</a></li>@endforeach</ul>
    <label>{{ __('site.page.something-else') }} <textarea class="form-control" rows="2" data-note></textarea></label>
    <div class="site-two"><button type="button" class="btn" data-keep-note>{{ __('site.page.keep-the-note') }}</button><label class="btn">{{ __('site.page.photograph') }}<input type="file" accept="image/*" capture="environment" class="visually-hidden" data-photo></label></div>
  </details>
  <details class="site-problem"><summary>{{ __('site.page.skip') }}</summary><label>{{ __('site.page.why') }} <input class="form-control" type="text" data-reason></label><button type="button" class="btn" data-say="skipped">{{ __('site.page.skip-it') }}</button></details>
  <nav class="site-bar" aria-label="{{ __('site.page.this-step') }}"><button type="button" data-go="-1" aria-label="{{ __('site.page.step-before') }}">‹</button>@if ($one->state === 'open')<button type="button" class="is-done" data-say="done">{{ __('site.page.done') }}</button>@else<button type="button" data-say="open">{{ __('common.page.open-again') }}</button>@endif<button type="button" data-go="1" aria-label="{{ __('site.page.next-step') }}">›</button></nav>
</section>
@endforeach
</div>
