@php($named = ['back' => ['⌫', __('survey.page.delete')], "'" => ['′', __('survey.page.foot')], '.5' => [',5', __('survey.page.half')]])
@php($at = $walk->doorway ? url("/doorways/{$walk->doorway->id}") : url('/doorways/:id'))
<main id="walk" data-offline="{{ json_encode([$walk->doorway ? route('wall.walk', $walk->doorway) : route('jobs.measure', $walk->job), route('words')]) }}" data-entries="{{ $at }}/wall/walk" data-verdict="{{ $at }}/wall/verdict" data-photos="{{ $at }}/photos">
  <header class="walk-top">
    <progress id="walk-far" value="0" max="1" aria-label="{{ __('survey.page.title') }}"></progress>
    <p><span id="walk-stretch"></span> <span id="walk-of" class="number"></span> <span id="link-state" role="status"></span></p>
  </header>
  @unless ($walk->doorway)
    <form id="walk-begin" hidden>
      <h2>{{ __('survey.page.name') }}</h2>
      <p>{{ __('survey.page.name-how') }}</p>
      <input class="form-control" name="name" type="text" maxlength="120" required autocomplete="off" aria-label="{{ __('survey.page.name') }}">
      <button class="btn btn-primary">{{ __('survey.page.begin') }}</button>
    </form>
  @endunless
  <section id="walk-screen" hidden>
    <svg id="walk-picture" class="scene" role="img" aria-label="{{ __('survey.page.picture') }}"></svg>
    <h2 id="walk-label" tabindex="-1"></h2>
    <p id="walk-how"></p>
    <p id="walk-asks" role="alert"></p>
    <div id="walk-answer">
      <input id="walk-typed" class="form-control" type="text" inputmode="none" autocomplete="off" aria-label="{{ __('survey.page.answer') }}"><span class="unit">{{ $walk->unit->value }}</span>
    </div>
    <div id="walk-options" role="group" aria-label="{{ __('survey.page.answer') }}"></div>
    <div id="walk-keys" class="keys-{{ $walk->unit->value }}" role="group" aria-label="{{ __('survey.page.keypad') }}">
      @if ($walk->unit->value === 'in')
        <div class="fractions">@foreach (range(1, 15) as $n)@php([$up, $down] = [$n / ($by = $n & -$n), 16 / $by])<button type="button" data-fraction="{{ "{$up}/{$down}" }}" aria-label="{{ "{$up}/{$down}" }}"><sup>{{ $up }}</sup>⁄<sub>{{ $down }}</sub></button>@endforeach</div>
      @endif
      <div class="digits">
        @foreach ([7, 8, 9, 'back', 4, 5, 6, $walk->unit->value === 'in' ? "'" : '.5', 1, 2, 3, 0] as $key)
          <button type="button" data-key="{{ $key }}" @if (isset($named[$key])) aria-label="{{ $named[$key][1] }}" @endif>{{ $named[$key][0] ?? $key }}</button>
        @endforeach
        <button type="button" data-key="-" id="walk-minus" aria-label="{{ __('survey.page.minus') }}">−</button>
      </div>
    </div>
    <div class="walk-ways">
      <button type="button" id="walk-absent">{{ __('survey.page.not-here') }}</button>
      <button type="button" id="walk-later">{{ __('survey.page.later') }}</button>
      <label class="btn">{{ __('survey.page.photograph') }}<input type="file" accept="image/*" capture="environment" class="visually-hidden" id="walk-photo"></label>
      <button type="button" id="walk-end">{{ __('survey.page.to-the-end') }}</button>
    </div>
    <p id="walk-read" role="status"></p>
    <nav class="walk-bar" aria-label="{{ __('survey.page.title') }}"><button type="button" id="walk-back" aria-label="{{ __('survey.page.back') }}">‹</button><button type="button" id="walk-next" class="is-done">{{ __('survey.page.next') }}</button></nav>
  </section>
  <section id="walk-finish" hidden>
    <div id="walk-check"></div>
    <div id="walk-open"></div>
    <div id="walk-verdict" aria-live="polite"></div>
    <p>@if ($walk->doorway)<a href="{{ route('wall.measure', $walk->doorway) }}">{{ __('survey.page.all-fields') }}</a>@endif</p>
  </section>
</main>
<aside id="site-aside" aria-label="{{ __('site.page.not-taken') }}" hidden></aside>
<aside id="site-notices" aria-live="polite"></aside>
<script type="application/json" id="walk-data">{!! json_encode($walk->data(), JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}</script>
<script type="application/json" id="walk-words">{!! json_encode([...__('survey.page'), ...__('survey.end')], JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}</script>
<p id="unanswered" role="alert" hidden></p>
