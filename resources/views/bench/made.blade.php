{{-- The leaf as it is built: drawn layer by layer, its parts, what they are cut from, the steps. --}}
@php($made = $bench->madeLeaves())
<div class="made">
@if ($made !== [])<p class="made-papers"><a class="btn" href="{{ route('give-out', [$bench->doorway, 'shop.pdf']) }}" download>{{ __('bench.made.shop-sheet') }}</a></p>@endif
@forelse ($made as $leaf)
  <section class="made-leaf" aria-label="{{ $leaf->title() }}">
    <h2>{{ $leaf->title() }}</h2>
    <p>{{ $leaf->summary() }}@if ($leaf->channel()) {{ $leaf->channel() }}@endif</p>
    <figure class="made-drawing">{!! $leaf->drawing() !!}</figure>
    <div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('bench.made.parts') }}">
    <table class="table made-parts">
      <caption>{{ __('bench.made.parts') }}</caption>
      <thead><tr><th scope="col">{{ __('bench.made.no') }}</th><th scope="col">{{ __('bench.made.part') }}</th><th scope="col">{{ __('bench.made.count') }}</th><th scope="col">{{ __('bench.made.length') }}</th><th scope="col">{{ __('bench.made.width') }}</th><th scope="col">{{ __('bench.made.thickness') }}</th><th scope="col">{{ __('bench.made.wood') }}</th></tr></thead>
      <tbody>
        @foreach ($leaf->parts() as $part)
          <tr><td class="number">{{ $loop->iteration }}</td><th scope="row">{{ $part['called'] }}@if ($part['how'])<small>{{ $part['how'] }}</small>@endif</th><td class="number">{{ $part['count'] }}</td><td class="number">{{ $part['length'] }}</td><td class="number">{{ $part['width'] }}</td><td class="number">{{ $part['thickness'] }}</td><td>{{ $part['wood'] }}</td></tr>
        @endforeach
      </tbody>
    </table>
    </div>
    @include('bench.old-leaves')
    <figure class="made-solid"><h3>{{ __('bench.made.solid') }}</h3>{!! $leaf->solidDrawing() !!}<figcaption>{{ __('bench.made.solid-legend') }}</figcaption></figure>
    @if ($leaf->cuts() !== [])
      <div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('bench.made.cut') }}">
      <table class="table made-cuts">
        <caption>{{ __('bench.made.cut') }}</caption>
        <thead><tr><th scope="col">{{ __('bench.made.section') }}</th><th scope="col">{{ __('bench.made.wood') }}</th><th scope="col">{{ __('bench.made.pieces') }}</th><th scope="col">{{ __('bench.made.bars') }}</th><th scope="col">{{ __('bench.made.bought') }}</th><th scope="col">{{ __('bench.made.rest') }}</th></tr></thead>
        <tbody>
          @foreach ($leaf->cuts() as $cut)
            <tr><th scope="row">{{ $cut['section'] }}</th><td>{{ $cut['wood'] }}</td><td class="number">{{ $cut['pieces'] }}</td>@if ($cut['too-long'])<td colspan="3">{{ $cut['too-long'] }}</td>@else<td class="number">{{ $cut['bars'] }}</td><td class="number">{{ $cut['bought'] }}</td><td class="number">{{ $cut['rest'] }}</td>@endif</tr>
          @endforeach
        </tbody>
      </table>
      </div>
    @endif
    <h3>{{ __('bench.made.fasteners') }}</h3>
    <ul>@foreach ($leaf->fasteners() as $fastener)<li>{{ $fastener }}</li>@endforeach</ul>
    <h3>{{ __('bench.made.steps') }}</h3>
    <ol class="made-steps">@foreach ($leaf->steps() as $step)<li>{{ $step['do'] }} <small>{{ $step['takes'] }}</small></li>@endforeach</ol>
    @if ($loop->last)<p class="group-note">{{ __('bench.made.cautions') }}</p>@endif
  </section>
@empty
  <p class="nothing">{{ $bench->setout->plan === null ? __('bench.made.wait') : __('bench.made.none') }}</p>
@endforelse
@if ($made !== [])
  <section class="made-cost" aria-label="{{ __('bench.made.costs') }}"><h3>{{ __('bench.made.costs') }}</h3><ul>@foreach ($bench->madeCost() as $says)<li>{{ $says }}</li>@endforeach</ul></section>
@endif
</div>
