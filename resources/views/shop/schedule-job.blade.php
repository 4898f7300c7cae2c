@use('YokeLine\Work\Day\DayPlan')
@if ($days->problem)<p class="refused">{{ $days->problem }}</p>
@elseif ($days->plan === null)<p class="nothing">{{ __('shop.page.nothing-is-left-to-plan') }}</p>
@else
  <p>{{ __('shop.page.done-on', ['when' => $days->moment($days->plan->end())->translatedFormat('l j F, H:i')]) }}</p>
  <div class="table-scroll"><table class="table"><thead><tr><th scope="col">{{ __('shop.schedule.day') }}</th><th scope="col">{{ __('shop.schedule.hours') }}</th><th scope="col">{{ __('shop.page.doorways') }}</th><th scope="col">{{ __('shop.schedule.steps') }}</th></tr></thead><tbody>
    @foreach (collect($days->plan->placed)->groupBy(fn ($placed) => intdiv($placed->start, DayPlan::DAY), preserveKeys: true)->sortKeys() as $placed)
      <tr><th scope="row">{{ $days->moment($placed->min('start'))->translatedFormat('l j F') }}</th><td class="number">{{ $days->moment($placed->min('start'))->format('H:i') }}–{{ $days->moment($placed->max(fn ($one) => $one->end()))->format('H:i') }}</td><td>{{ $placed->keys()->map(fn ($task) => $days->steps[$task][2]->name)->unique()->join(', ') }}</td><td class="number">{{ $placed->count() }}</td></tr>
    @endforeach
  </tbody></table></div>
@endif
