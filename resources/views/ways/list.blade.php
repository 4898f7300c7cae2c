@php([$write, $doorway, $speak] = [$here->setout->write, $here->doorway, App\Words\Speaker::in($here->setout->write)])
@php([$search, $done] = [$here->search(), $ranking->isWhole()])
@php($arrangements = $ranking->arrangements($weights, $here->judge()))
@php($best = $ranking->tradeOffs())
@php([$total, $asked] = [$search->count(), min($search->count(), $here->most)])
@php($says = $done
  ? __('ways.page.in-sizes-and-parkings-of', [
    'working' => $ranking->working(),
    'total' => $total,
    'which' => $asked < $total ? __('ways.page.nearest', ['asked' => $asked]) : __('ways.page.all'),
    'ranking' => $ranking->count(),
  ])
  : ' '.__('ways.page.so-far-worked-of', ['ranking' => $ranking->count(), 'asked' => $asked]))
<p class="progress-says" data-busy="{{ __('ways.page.working') }}">
  <b>{{ trans_choice('ways.page.work', count($arrangements)) }}</b>{{ $says }}
  @if ($search->tooSmall > 0){{ trans_choice('ways.page.stock-left-out-too-small', $search->tooSmall) }}@endif
</p>
@if ($done && $asked < $total)<p><button class="btn" type="button" data-most="{{ $here->most + $search::AT_ONCE }}">{{ __('ways.page.work-more-with-larger-sizes', ['asked' => min($search::AT_ONCE, $total - $asked)]) }}</button></p>@endif
<ol class="way-list">
  @foreach (array_slice($arrangements, 0, 18) as ['way' => $way, 'more' => $more])
    @php([$choice, $plan] = [$way->choice, $here->plan($way)])
    @php($says = $speak->say($called = App\Words\HangWords::choice($choice, $here->kits[$choice->kit]->name)))
    <li @class(['way', 'is-best' => in_array($way, $best, true)])>
      <span class="way-drawing">{!! $here->drawing($plan) !!}</span>
      <div>
        <h3>{{ $says }}@if (in_array($way, $best, true)) <em>{{ __('ways.page.best-trade-off') }}</em>@endif</h3>
        <dl>
          <div><dt>{{ __('common.page.passage') }}</dt><dd>{{ $write->show($way->passage) }}</dd></div>
          <div><dt>{{ trans_choice('ways.page.doors', $way->leaves) }}</dt><dd>{{ $write->show($way->leafWidth) }} × {{ $write->show($way->leafHeight) }}</dd></div>
          <div><dt>{{ __('ways.page.rail') }}</dt><dd>{{ $write->show($way->rail) }}</dd></div>
          <div><dt>{{ __('ways.page.a-leaf') }}</dt><dd>{{ $speak->amount(YokeLine\Measure\Quantity::kilograms(round($way->massKg))) }}</dd></div>
          @if ($here->held($plan) !== '')<div><dt>{{ __('ways.page.held-by') }}</dt><dd>{{ $here->held($plan) }}</dd></div>@endif
          @if ($done && $here->cost($plan) !== '')<div><dt>{{ __('ways.page.materials') }}</dt><dd>{{ $here->cost($plan) }}</dd></div>@endif
        </dl>
        <p>@if ($way->settle)<svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg> {{ implode('; ', array_map(fn ($finding) => $speak->say($finding->says()), array_slice($way->settle, 0, 2))) }}{{ count($way->settle) > 2 ? __('ways.page.and-more', ['count' => count($way->settle) - 2]) : '' }}@else<svg class="sign sign-ok" aria-hidden="true"><use href="#sign-ok"/></svg> {{ __('ways.page.nothing-to-settle') }} @endif @if ($more > 0)<small>{{ trans_choice('ways.page.more-of-it', $more) }}</small>@endif</p>
      </div>
      <form method="post" action="{{ route('ways.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><input type="hidden" name="says" value="{{ App\Words\StoredMessage::of($called, $here->setout->write->unit)->write() }}"><input type="hidden" name="changes" value="{{ json_encode($choice->changes(new YokeLine\Measure\LengthWriter($here->setout->doorway->units))) }}"><button class="btn">{{ __('ways.page.use') }}<span class="visually-hidden">: {{ $says }}</span></button></form>
    </li>
  @endforeach
</ol>
@if (count($arrangements) > 18)<p class="group-note">{{ __('ways.page.arrangements-more-further-from-what', ['count' => count($arrangements) - 18, 'name' => implode('; ', array_map(fn ($row) => $speak->say(App\Words\HangWords::choice($row['way']->choice, $here->kits[$row['way']->choice->kit]->name)), array_slice($arrangements, 18)))]) }}</p>@endif
@if ($done)
  <h2>{{ __('ways.page.what-does-not-work-here') }}</h2>
  <table class="table fails"><thead><tr><th scope="col">{{ __('ways.page.reason') }}</th><th scope="col">{{ __('ways.page.hang') }}</th><th scope="col">{{ __('ways.page.ways') }}</th></tr></thead><tbody>
    @foreach ($ranking->reasons() as ['count' => $count, 'way' => $way])
      <tr><td>{{ $speak->say($way->stop->says()) }}</td><td>{{ __("hangs.short.{$way->choice->hang->value}") }}</td><td class="number">{{ $count }}</td></tr>
    @endforeach
  </tbody></table>
@endif
