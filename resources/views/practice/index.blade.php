@use('App\Models\PracticeRound')
@use('YokeLine\Practice\Level')
<x-page :title="__('practice.page.title')" at="practice" :units="[$units, App\Models\Job::usualUnits()]" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('practice.page.title') }}</h1><span>{{ __('practice.page.intro') }}</span></div></header>
<main class="list practice">
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  <section class="practice-next" aria-labelledby="next">
    <h2 id="next">{{ __('practice.page.next') }}</h2>
    @if ($record->isEmpty())
      <p>{{ __('practice.page.next-none') }}</p>
    @else
      <ol class="due">
        @foreach (array_slice($record->next(), 0, 4) as $next)
          <li><b>{{ __("practice.skills.{$next->skill->value}") }}</b> <small>{{ $next->due === null ? __('practice.page.never') : ($next->isDue(now()->toDateTimeImmutable()) ? __('practice.page.due-now') : __('practice.page.due', ['when' => Illuminate\Support\Carbon::instance($next->due)->diffForHumans()])) }}</small></li>
        @endforeach
      </ol>
    @endif
  </section>
  <section aria-labelledby="walls">
    <h2 id="walls">{{ __('practice.page.walls') }}</h2>
    <ul class="walls">
      @foreach (Level::graded() as $level)
        <li @class(['is-suggested' => $level === $record->suggested()])>
          <form method="post" action="{{ route('practice.begin') }}">@csrf
            <input type="hidden" name="level" value="{{ $level->value }}">
            <h3>{{ __("practice.levels.{$level->value}") }}@if ($level === $record->suggested()) <small>{{ __('practice.page.suggested') }}</small>@endif</h3>
            <p>{{ __("practice.levels-how.{$level->value}") }}</p>
            <button @class(['btn', 'btn-primary' => $level === $record->suggested()])>{{ __('practice.page.begin') }}</button>
            <details><summary>{{ __('practice.page.seed') }}</summary><label>{{ __('practice.page.seed-how') }} <input class="form-control number" name="seed" inputmode="numeric" autocomplete="off" aria-label="{{ __('practice.page.seed') }}"></label></details>
          </form>
        </li>
      @endforeach
      <li>
        <form method="post" action="{{ route('practice.begin') }}">@csrf
          <input type="hidden" name="level" value="{{ PracticeRound::DRILL }}">
          <h3>{{ __('practice.page.drill') }}</h3>
          <p>{{ __('practice.page.drill-how') }}</p>
          <button class="btn">{{ __('practice.page.begin') }}</button>
        </form>
      </li>
      @if ($doorways->isNotEmpty())
      <li>
        <form method="post" action="{{ route('practice.real') }}">@csrf
          <h3>{{ __('practice.page.real') }}</h3>
          <p>{{ __('practice.page.real-how') }}</p>
          <label class="visually-hidden" for="real">{{ __('practice.page.doorway') }}</label>
          <select id="real" class="form-select" name="doorway">@foreach ($doorways as $doorway)<option value="{{ $doorway->id }}">{{ $doorway->name }}, {{ $doorway->job->name }}</option>@endforeach</select>
          <button class="btn">{{ __('practice.page.begin') }}</button>
        </form>
      </li>
      @endif
    </ul>
  </section>
  @if ($rounds->isNotEmpty())
  <section aria-labelledby="lately">
    <h2 id="lately">{{ __('practice.page.lately') }}</h2>
    <ul class="rounds">
      @foreach ($rounds as $round)
        <li><a href="{{ route('practice.round', $round) }}">{{ __("practice.levels.{$round->level}") }} {{ $round->seed }}</a> <small>{{ $round->created_at->diffForHumans() }}, {{ __($round->done_at ? 'practice.page.look' : 'practice.page.go-on') }}</small></li>
      @endforeach
    </ul>
  </section>
  @endif
  @unless ($record->isEmpty())
  <section aria-labelledby="record">
    <h2 id="record">{{ __('practice.page.record') }}</h2>
    @include('practice.record')
    <p><a class="btn" href="{{ route('practice.certificate', $rounds->first()) }}">{{ __('practice.page.certificate') }}</a></p>
  </section>
  @endunless
  @if (app(App\Firm\Here::class)->may(App\Firm\Ability::Plan))<p><a href="{{ route('practice.people') }}">{{ __('practice.page.people') }}</a></p>@endif
</main>
</x-page>
