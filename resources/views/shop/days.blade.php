@use('YokeLine\Drawing\DayBars')
@use('YokeLine\Drawing\Svg')
@use('App\Words\StepWords')
@use('YokeLine\Work\Day\DayPlan')
@php($plan = $days->plan)
@if ($days->problem)<p class="refused" role="alert">{{ $days->problem }} Take more people, or propped rails and boards.</p>
@elseif ($plan === null)<p>Nothing is left to plan: choose a doorway whose wall is measured.</p>
@else
  @php([$chain, $names] = [$plan->criticalChain(), array_map(fn ($of) => $of[1], $days->steps)])
  <p class="sheet-verdict"><b>Done on {{ $days->moment($plan->end())->format('l j F, H:i') }}.</b> {{ count($plan->placed) }} steps, {{ StepWords::about($plan->idle()) }} of standing about over {{ $plan->visits() }} person-days. No plan ends before {{ $days->moment($plan->soonest)->format('l j F, H:i') }}: {{ $plan->gap() <= 0 ? 'this one is as good as any.' : 'this one is '.number_format(100 * $plan->gap(), 1).' % of the working time over that.' }} <a href="{{ route('day-plan.calendar', $days->job) }}">To a calendar</a></p>
  @foreach ($days->notThen as $task)<p class="notice">{{ $names[$task] }} cannot begin then: what it comes after, the hours or its people do not allow it. It begins at {{ $days->moment($plan->placed[$task]->start)->format('l, H:i') }}, as soon as it can.</p>@endforeach
  <form method="post" action="{{ route('day-plan.set', $days->job) }}">@csrf @if ($days->notThen || array_filter(array_keys($plan->placed), $days->isSetByHand(...)))<button class="btn" name="let_go" value="1">Let go what was set by hand</button>@endif</form>
  @foreach (range(intdiv(min(array_map(fn ($placed) => $placed->start, $plan->placed)), DayPlan::DAY), intdiv($plan->end(), DayPlan::DAY)) as $day)
    <h2>{{ $days->moment($day * DayPlan::DAY)->format('l j F') }}</h2>
    @php([$from, $to] = DayBars::hours($plan))
    <div class="day-bars" data-set="{{ route('day-plan.set', $days->job) }}" data-minutes="{{ $to - $from }}" data-share="{{ (DayBars::WIDE - DayBars::LEFT) / DayBars::WIDE }}">{!! Svg::write(DayBars::of($plan, $day, 'Who does what on '.$days->moment($day * DayPlan::DAY)->format('l j F').'; the list below says the same', $names, $chain, App\Words\Speaker::in(YokeLine\Measure\Unit::Millimetre))) !!}</div>
    <details><summary>As a list</summary><table class="table"><tbody>@foreach (collect($plan->placed)->filter(fn ($placed) => intdiv($placed->start, DayPlan::DAY) === $day)->sortBy(fn ($placed) => $placed->start) as $id => $placed)<tr><td class="number">{{ $days->moment($placed->start)->format('H:i') }}–{{ $days->moment($placed->end())->format('H:i') }}</td><th scope="row">{{ $names[$id] }}@if (in_array($id, $chain, true)) <small>holds the end</small>@endif @if ($days->isSetByHand($id)) <small>set by hand</small>@endif</th><td>person {{ implode(' and ', $placed->people) }}</td></tr>@endforeach</tbody></table></details>
  @endforeach
@endif
