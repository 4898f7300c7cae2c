@php([$write, $doorway, $speak] = [$here->setout->write, $here->doorway, App\Words\Speaker::in($here->setout->write)])
@php([$search, $done] = [$here->search(), $ranking->isWhole()])
@php($arrangements = $ranking->arrangements($weights, $here->judge()))
@php($best = $ranking->tradeOffs())
@php([$total, $asked] = [$search->count(), min($search->count(), $here->most)])
<p class="progress-says"><b>{{ count($arrangements) }} {{ count($arrangements) === 1 ? 'arrangement works' : 'arrangements work' }}</b>@if ($done), in {{ $ranking->working() }} sizes and parkings. Of {{ $total }} combinations {{ $asked < $total ? "the {$asked} with the nearest sizes" : 'all' }} were worked; {{ $ranking->count() }} differ. A best trade-off is one that no other beats in all of passage, price and findings.@else so far: {{ $ranking->count() }} worked of {{ $asked }} …@endif @if ($search->tooSmall > 0){{ $search->tooSmall }} stock {{ $search->tooSmall === 1 ? 'size was' : 'sizes were' }} left out: too small for this doorway however it is hung.@endif</p>
@if ($done && $asked < $total)<p><button class="btn" type="button" data-most="{{ $here->most + $search::AT_ONCE }}">Work {{ min($search::AT_ONCE, $total - $asked) }} more, with larger sizes</button></p>@endif
<ol class="way-list">
  @foreach (array_slice($arrangements, 0, 18) as ['way' => $way, 'more' => $more])
    @php([$choice, $plan] = [$way->choice, $here->plan($way)])
    @php($says = App\Words\HangWords::choice($choice, $here->kits[$choice->kit]->name))
    <li @class(['way', 'is-best' => in_array($way, $best, true)])>
      <span class="way-drawing">{!! $here->drawing($plan) !!}</span>
      <div>
        <h3>{{ $says }}@if (in_array($way, $best, true)) <em>best trade-off</em>@endif</h3>
        <dl>
          <div><dt>passage</dt><dd>{{ $write->show($way->passage) }}</dd></div>
          <div><dt>{{ $way->leaves > 1 ? 'leaves' : 'leaf' }}</dt><dd>{{ $write->show($way->leafWidth) }} × {{ $write->show($way->leafHeight) }}</dd></div>
          <div><dt>rail</dt><dd>{{ $write->show($way->rail) }}</dd></div>
          <div><dt>kg a leaf</dt><dd>{{ round($way->massKg) }}</dd></div>
          @if ($here->held($plan) !== '')<div><dt>held by</dt><dd>{{ $here->held($plan) }}</dd></div>@endif
          @if ($done && $here->cost($plan) !== '')<div><dt>materials</dt><dd>{{ $here->cost($plan) }}</dd></div>@endif
        </dl>
        <p>@if ($way->settle)<svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg> {{ implode('; ', array_map(fn ($finding) => $speak->say($finding->says()), array_slice($way->settle, 0, 2))) }}{{ count($way->settle) > 2 ? '; '.(count($way->settle) - 2).' more' : '' }}@else<svg class="sign sign-ok" aria-hidden="true"><use href="#sign-ok"/></svg> Nothing to settle @endif @if ($more > 0)<small>{{ $more }} more {{ $more === 1 ? 'size or parking' : 'sizes and parkings' }} of it</small>@endif</p>
      </div>
      <form method="post" action="{{ route('ways.take', $doorway) }}">@csrf<input type="hidden" name="base" value="{{ $doorway->revision_id }}"><input type="hidden" name="says" value="{{ $says }}"><input type="hidden" name="changes" value="{{ json_encode($choice->changes(new YokeLine\Measure\LengthWriter($here->setout->doorway->units))) }}"><button class="btn">Take it<span class="visually-hidden">: {{ $says }}</span></button></form>
    </li>
  @endforeach
</ol>
@if (count($arrangements) > 18)<p class="group-note">{{ count($arrangements) - 18 }} arrangements more, further from what matters: {{ implode('; ', array_map(fn ($row) => App\Words\HangWords::choice($row['way']->choice, $here->kits[$row['way']->choice->kit]->name), array_slice($arrangements, 18))) }}.</p>@endif
@if ($done)
  <h2>What does not work here, and why</h2>
  <table class="table fails"><thead><tr><th scope="col">Reason</th><th scope="col">Hang</th><th scope="col">Ways</th></tr></thead><tbody>
    @foreach ($ranking->reasons() as ['count' => $count, 'way' => $way])
      <tr><td>{{ $speak->say($way->stop->says()) }}</td><td>{{ ['single' => 'one leaf', 'biparting' => 'two that meet', 'bypass' => 'two that pass'][$way->choice->hang->value] }}</td><td class="number">{{ $count }}</td></tr>
    @endforeach
  </tbody></table>
@endif
