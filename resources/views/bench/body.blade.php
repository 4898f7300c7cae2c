<section class="set" aria-label="{{ __('bench.page.what-you-set') }}">
  @if ($bench->station === App\Bench\Station::Wall)<p class="meter"><button type="button" id="meter">{{ __('bench.page.reading-from-the-meter') }}</button> <span id="meter-says" role="status" data-keep="1">{{ __('bench.page.simulated-it-lands-in-the') }}</span></p>@endif
  @if ($bench->station === App\Bench\Station::Wall)<p class="one-at-a-time"><a class="btn" href="{{ route('wall.walk', $bench->doorway) }}">{{ __('survey.page.one-at-a-time') }}</a></p>@endif
  @include('bench.fields', ['form' => $bench])
</section>
<section class="stage" aria-label="{{ __('common.page.drawing') }}" data-main="elevation" data-why-of="{{ $bench->url }}/why/" data-changes="{{ $bench->changesUrl() }}" data-step="{{ $bench->unit()->step()->toMm() }}">
  @includeWhen($bench->station !== App\Bench\Station::Made, 'bench.stage')
  @includeWhen($bench->station === App\Bench\Station::Made, 'bench.made')
</section>
<section class="means" id="means" data-changes="{{ $bench->changesUrl() }}"
  aria-label="{{ __('common.page.what-it-means') }}">
  @include('bench.findings')
</section>
@include('bench.strip')
