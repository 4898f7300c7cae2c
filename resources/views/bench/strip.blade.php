@php($why = "{$bench->url}/why/")
<footer class="strip">
  @foreach ($bench->numbers()->readOut() as $key => $read)
    <button type="button" @class(['read', 'is-yoke' => $loop->first]) data-why="{{ $why.$key }}"><span>{{ $read[0] }}</span><b>{{ $read[1] }}</b>@if ($read[2] ?? '')<small>{{ $read[2] }}</small>@endif</button>
  @endforeach
  @if ($bench->setout->plan === null)
    <p class="strip-wait">{{ __('bench.page.the-numbers-to-read-out') }}</p>
  @elseif ($bench->station !== App\Bench\Station::Made)
    {{-- Where a leaf is built nothing is drawn that slides. --}}
    @php($runs = $bench->setout->plan->layout->runs)
    <div class="slide">
      <div class="slide-control">
        <button type="button" id="play" aria-label="{{ __('bench.page.slide-the-leaf-to-and') }}">▶</button>
        @if (count($runs) > 1)
          <span class="choice" role="group" aria-label="{{ __('bench.page.leaf-to-slide') }}">@foreach ($runs as $leaf => $run)<button type="button" data-leaf-to-slide="{{ $leaf }}">{{ __("words.sides.{$leaf}") }}</button>@endforeach</span>
        @endif
        <input type="range" id="slide" min="0" max="{{ $most = max(array_map(fn ($run) => $run->travel->total->toMm(), $runs)) }}" step="1" value="0" aria-label="{{ __('bench.page.slide-the-leaf') }}" @disabled($most <= 0)>
      </div>
      <dl class="slide-numbers">
        <div><dt>{{ __('common.page.passage') }}</dt><dd data-slide="passage"></dd></div>
        <div><dt>{{ __('bench.page.still-covered') }}</dt><dd data-slide="covered"></dd></div>
        <div><dt>{{ __('bench.page.gap-leading') }}</dt><dd data-slide="gapLeading"></dd></div>
        <div><dt>{{ __('bench.page.gap-trailing') }}</dt><dd data-slide="gapTrailing"></dd></div>
        <div><dt>{{ __('bench.page.soft-close') }}</dt><dd data-slide="catch"></dd></div>
      </dl>
    </div>
  @endif
</footer>
