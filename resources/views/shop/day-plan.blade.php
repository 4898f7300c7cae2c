<x-page :title="$days->job->name.', day plan'" class="is-marks">
@include('shop.top', ['title' => 'Day plan', 'job' => $days->job])
<main class="marks-page has-settings">
  <section class="set" aria-label="Crew and hours"><form method="post" action="{{ route('day-plan.set', $days->job) }}" class="crew">@csrf
    <label>First day <input class="form-control" type="date" name="from" value="{{ $days->from()->toDateString() }}"></label>
    <label>People <select class="form-select" name="crew">@foreach ([1, 2, 3] as $crew)<option @selected($days->crew() === $crew)>{{ $crew }}</option>@endforeach</select></label>
    <label>Working hours <input class="form-control" name="hours" value="{{ session('no_hours') ?? $days->hours() }}" @if (session('no_hours')) aria-invalid="true" @endif></label>
    @if (session('no_hours'))<p class="refused" role="alert">“{{ session('no_hours') }}” does not read; write them as 08:00-12:00, 12:30-16:30.</p>@endif
    @foreach (['kit' => 'Kits come on', 'leaf' => 'Leaves come on', 'board' => 'Boards come on'] as $what => $label)<label>{{ $label }} <input class="form-control" type="date" name="comes[{{ $what }}]" value="{{ $days->deliveryOn($what)?->toDateString() }}"></label>@endforeach
    <label>Minutes from site to site <input class="form-control" name="travel" inputmode="numeric" value="{{ $days->travelMinutes() }}"></label>
    <fieldset><legend>Doorways</legend>@foreach ($days->atWork as $one)<label class="form-check"><input class="form-check-input" type="checkbox" name="doorways[]" value="{{ $one->id }}" @checked(in_array($one->id, $days->doorways(), true))> {{ $one->name }}@if ($one->verdict === 'unmeasured') <small>not measured whole</small>@endif</label>@endforeach</fieldset>
    <button class="btn btn-primary">Plan the days</button>
  </form></section>
  <div class="marks" id="days">@include('shop.days')</div>
</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line: the step was not moved.</p>
</x-page>
