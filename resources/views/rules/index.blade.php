@use('App\Words\FieldWords')
@use('App\Words\RuleWords')
<x-page :title="__('top.nav.rules')" at="rules" :units="[$units, $level->units()]" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('rules.page.house-rules') }}</h1>@if ($level->doorway)<a href="{{ route('door.size', $level->doorway) }}">{{ __('rules.page.back-to', ['name' => $level->doorway->name]) }}</a>@else<span>{{ __('rules.page.where-good-installers-differ') }}</span>@endif</div></header>
<main class="list rules">
  <nav class="levels" aria-label="{{ __('rules.page.for-whom') }}">
    <a href="{{ route('rules') }}" @if ($level->name() === 'company') aria-current="true" @endif>{{ __('rules.page.the-company') }}</a>
    @foreach ($jobs as $job)<a href="{{ route('rules', ['job' => $job->id]) }}" @if ($level->name() === 'job' && $level->job->id === $job->id) aria-current="true" @endif>{{ $job->name }}</a>@endforeach
    @if ($level->doorway)<a href="{{ route('rules', $level->query()) }}" aria-current="true">{{ $level->doorway->name }}</a>@endif
  </nav>
  @if (session('taken'))<p class="notice" role="status">{{ session('taken') }}</p>@endif
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  <div id="preview" aria-live="polite"></div>
  @php($document = $level->doorway?->revision->document)
  @php($seen = $ledger->seen())
  @php($write = new YokeLine\Measure\LengthWriter($units))
  @foreach (collect($questions)->groupBy('section', true) as $of)
    <h2>{{ RuleWords::section($of->first()) }}</h2>
    @foreach ($of as $key => $question)
      @php($set = $document ? $question::answered($document->get($question->path)) : ($rules[$key]->value ?? null))
      @php($from = $document ? $document->get("house.{$key}.from") : (isset($rules[$key]) ? ($rules[$key]->job_id ? 'job' : 'company') : null))
      @php($why = $document ? $document->get("house.{$key}.why") : ($rules[$key]->why ?? null))
      <form class="rule" hx-post="{{ route('rules.preview', $level->query()) }}" hx-target="#preview" hx-swap="innerHTML show:window:top">
        <input type="hidden" name="method_key" value="{{ $key }}"><input type="hidden" name="seen" value="{{ $seen }}">
        <label for="r-{{ $key }}"><b>{{ RuleWords::ask($question) }}</b><span>{{ RuleWords::why($question) }}</span></label>
        @if ($question->answers === [])
          <input id="r-{{ $key }}" class="form-control number" name="value" placeholder="{{ ($usual = $question->usualIn($units)) ? $write->show($usual) : '' }}" value="{{ $set === null ? '' : $write->exact(YokeLine\Measure\LengthReader::read($set, $level->doorway ? ($document->get('units') === 'in' ? YokeLine\Measure\Unit::Inch : YokeLine\Measure\Unit::Millimetre) : YokeLine\Measure\Unit::Millimetre)) }}">
        @else
          <select id="r-{{ $key }}" class="form-select" name="value">@foreach (FieldWords::answers($question->path) as $value => $says)<option value="{{ $value }}" @selected($value === ($set ?? $question::answered($question->usual)))>{{ $says }}</option>@endforeach</select>
        @endif
        <input class="form-control" name="why" value="{{ $why }}" placeholder="{{ __('rules.page.reason-printed-on-the-sheet') }}" aria-label="{{ __('rules.page.reason', ['question' => RuleWords::ask($question)]) }}" maxlength="240">
        <button class="btn">{{ __('rules.page.see-what-it-changes') }}</button>
        <small>{{ __('rules.page.from.'.($set === null ? 'usual' : ($from ?? 'hand'))) }}</small>
      </form>
    @endforeach
  @endforeach
  @include('editing.history')
</main>
</x-page>
