@use('YokeLine\Drawing\DayBars')
@use('YokeLine\Drawing\Svg')
@use('App\Words\StepWords')
@use('YokeLine\Work\Day\DayPlan')
@php($plan = $days->plan)
@if ($days->problem)<p class="refused" role="alert">{{ __('shop.page.take-more-people-or-propped', ['problem' => $days->problem]) }}</p>
@elseif ($plan === null)<p>{{ __('shop.page.nothing-is-left-to-plan') }}</p>
@else
  @php([$chain, $names] = [$plan->criticalChain(), array_map(fn ($of) => $of[1], $days->steps)])
  <p class="sheet-verdict"><b>{{ __('shop.page.done-on', ['when' => $days->moment($plan->end())->translatedFormat('l j F, H:i')]) }}</b> {{ __('shop.page.steps-of-standing-about-over', ['count' => count($plan->placed), 'idle' => StepWords::about($plan->idle()), 'visits' => $plan->visits(), 'when' => $days->moment($plan->soonest)->translatedFormat('l j F, H:i'), 'that' => $plan->gap() <= 0 ? __('shop.page.as-good-as-any') : __('shop.page.over-that', ['share' => number_format(100 * $plan->gap(), 1)])]) }} <a href="{{ route('day-plan.calendar', $days->job) }}">{{ __('shop.page.to-a-calendar') }}</a></p>
  @foreach ($days->notThen as $task)<p class="notice">{{ __('shop.page.cannot-begin-then-what-it', ['task' => $names[$task], 'when' => $days->moment($plan->placed[$task]->start)->translatedFormat('l, H:i')]) }}</p>@endforeach
  <form method="post" action="{{ route('day-plan.set', $days->job) }}">@csrf @if ($days->notThen || array_filter(array_keys($plan->placed), $days->isSetByHand(...)))<button class="btn" name="let_go" value="1">{{ __('shop.page.let-go-what-was-set') }}</button>@endif</form>
  @foreach (range(intdiv(min(array_map(fn ($placed) => $placed->start, $plan->placed)), DayPlan::DAY), intdiv($plan->end(), DayPlan::DAY)) as $day)
    <h2>{{ $days->moment($day * DayPlan::DAY)->translatedFormat('l j F') }}</h2>
    @php([$from, $to] = DayBars::hours($plan))
    <div class="day-bars" data-set="{{ route('day-plan.set', $days->job) }}" data-minutes="{{ $to - $from }}" data-share="{{ (DayBars::WIDE - DayBars::LEFT) / DayBars::WIDE }}">{!! Svg::write(DayBars::of($plan, $day, __('shop.page.who-does-what', ['day' => $days->moment($day * DayPlan::DAY)->translatedFormat('l j F')]), $names, $chain, App\Words\Speaker::in(YokeLine\Measure\Unit::Millimetre))) !!}</div>
    <details><summary>{{ __('shop.page.as-a-list') }}</summary><table class="table"><tbody>@foreach (collect($plan->placed)->filter(fn ($placed) => intdiv($placed->start, DayPlan::DAY) === $day)->sortBy(fn ($placed) => $placed->start) as $id => $placed)<tr><td class="number">{{ $days->moment($placed->start)->format('H:i') }}–{{ $days->moment($placed->end())->format('H:i') }}</td><th scope="row">{{ $names[$id] }}@if (in_array($id, $chain, true)) <small>{{ __('shop.page.holds-the-end') }}</small>@endif @if ($days->isSetByHand($id)) <small>{{ __('shop.page.set-by-hand') }}</small>@endif</th><td>{{ __('shop.page.person', ['people' => implode(' '.__('words.and').' ', $placed->people)]) }}</td></tr>@endforeach</tbody></table></details>
  @endforeach
@endif
