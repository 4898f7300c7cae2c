<header class="bar-doorway" id="bar-doorway" @if (! empty($swapped)) hx-swap-oob="true" @endif>
  <div class="whose"><h1>{{ $frame->doorway->name }}</h1><a href="{{ route('jobs.show', $frame->doorway->job_id) }}">{{ $frame->doorway->job->name }}</a></div>
  {!! $frame->where() !!}
  <div class="tools">
    @php([$canUndo, $canRedo] = $frame->undo()->can())
    <form class="pair" method="post" action="{{ route('undo', $frame->doorway) }}" aria-label="{{ __('bench.page.history') }}">@csrf
      <button id="undo" @if ($frame->isBench()) hx-post="{{ route('undo', $frame->doorway) }}" hx-target="#bench" @endif @disabled(! $canUndo)>{{ __('bench.page.undo') }}</button>
      <button id="redo" formaction="{{ route('redo', $frame->doorway) }}" @if ($frame->isBench()) hx-post="{{ route('redo', $frame->doorway) }}" hx-target="#bench" @endif @disabled(! $canRedo)>{{ __('bench.page.redo') }}</button>
    </form>
    @if ($others = $frame->others())<span class="also-here">{{ __('frame.also-here', ['who' => implode(', ', $others)]) }}</span>@endif
    <a class="saved" href="{{ $frame->place::address('record.changes', $frame->doorway) }}" title="{{ __('bench.page.every-change-is-kept-see') }}">{{ __('frame.kept', ['number' => $frame->doorway->revision->number, 'at' => $frame->doorway->revision->created_at->format('H:i')]) }}</a>
    @isset($print)<a class="btn" href="{{ $print }}">{{ __('common.page.print') }}</a>@else<button type="button" class="btn" id="print">{{ __('common.page.print') }}</button>@endisset
  </div>
</header>
