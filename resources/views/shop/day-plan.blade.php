<x-job :job="$days->job" page="day-plan">
<main class="marks-page has-settings">
  <div class="marks" id="days" @if ($days->isWaiting) hx-get="{{ route('day-plan.plan', $days->job) }}" hx-trigger="load" aria-busy="true" aria-live="polite" @endif>@if ($days->isWaiting)<p class="nothing">{{ __('shop.schedule.planning') }}</p>@else @include('shop.days')@endif</div>
  <section class="set" aria-label="{{ __('shop.page.crew-and-hours') }}"><form method="post" action="{{ route('day-plan.set', $days->job) }}" class="crew">@csrf
    <label>{{ __('shop.page.first-day') }} <input class="form-control" type="date" name="from" value="{{ $days->from()->toDateString() }}"></label>
    <label>{{ __('common.page.people') }} <select class="form-select" name="crew">@foreach ([1, 2, 3] as $crew)<option @selected($days->crew() === $crew)>{{ $crew }}</option>@endforeach</select></label>
    <label>{{ __('shop.page.working-hours') }} <input class="form-control" name="hours" value="{{ session('no_hours') ?? $days->hours() }}" @if (session('no_hours')) aria-invalid="true" @endif></label>
    @if (session('no_hours'))<p class="refused" role="alert">{{ __('shop.page.does-not-read-write-them', ['no_hours' => session('no_hours')]) }}</p>@endif
    @foreach (['kit', 'leaf', 'board'] as $what)<label>{{ __("shop.page.comes.{$what}") }} <input class="form-control" type="date" name="comes[{{ $what }}]" value="{{ $days->deliveryOn($what)?->toDateString() }}"></label>@endforeach
    <label>{{ __('shop.page.minutes-from-site-to-site') }} <input class="form-control" name="travel" inputmode="numeric" value="{{ $days->travelMinutes() }}"></label>
    <fieldset><legend>{{ __('shop.page.doorways') }}</legend>@foreach ($days->atWork as $one)<label class="form-check"><input class="form-check-input" type="checkbox" name="doorways[]" value="{{ $one->id }}" @checked(in_array($one->id, $days->doorways(), true))> {{ $one->name }}@if ($one->verdict === 'unmeasured') <small>{{ __('shop.page.not-measured-whole') }}</small>@endif</label>@endforeach</fieldset>
    <button class="btn btn-primary">{{ __('shop.page.plan-the-days') }}</button>
  </form></section>
</main>
<p id="unanswered" role="alert" hidden>{{ __('shop.page.no-answer-from-yoke-line') }}</p>
</x-job>
