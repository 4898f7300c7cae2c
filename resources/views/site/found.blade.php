@php([$say, $ways] = $form->ways())
@php($speak = $form->speak())
<x-doorway :frame="new App\Frame\DoorwayFrame($form->doorway, 'site.steps')" class="is-site">
<header class="site-top"><a href="{{ route('site.steps', $form->doorway) }}" aria-label="{{ __('site.page.back-to-the-steps') }}">‹</a><h2>{{ ucfirst($form->title()) }}</h2></header>
<main class="found">
  @if (session('not_taken'))<p class="refused" role="alert">{{ __('site.page.nothing-was-changed', ['not_taken' => session('not_taken')]) }}</p>@endif
  @if ($form->asks())
  <form method="post" action="{{ route('found', [$form->doorway, $form->row]) }}">@csrf
    @foreach ($form->asks() as $field => $ask)
      <label class="site-ask">{{ $speak->say($ask->label) }}@if ($ask->planned)<span>{{ __('site.page.planned', ['planned' => $form->run->write->show($ask->planned)]) }}</span>@endif
        @if ($ask->options)<select class="form-select" name="told[{{ $field }}]">@foreach ($ask->options as $value => $says)<option value="{{ $value }}" @selected($form->typed($field) === $value)>{{ $speak->say($says) }}</option>@endforeach</select>
        @else<input class="form-control" type="text" autocomplete="off" name="told[{{ $field }}]" value="{{ $form->typed($field) }}" aria-label="{{ $speak->say($ask->label) }}" @isset($form->refused[$field]) aria-invalid="true" aria-describedby="no-{{ $field }}" @endisset>@endif
        @isset($form->refused[$field])<em class="refused" id="no-{{ $field }}" role="alert">{{ $form->refused[$field]['says'] }}</em>@endisset</label>
    @endforeach
    <button class="btn btn-primary">{{ __('site.page.what-can-be-done') }}</button>
  </form>
  @endif
  @foreach ($say as $sentence)<p class="means-it">{{ $speak->sentence($sentence) }}</p>@endforeach
  <ol class="ways-out">
    @foreach ($ways as $way)
      <li @class(['way-out', 'works' => $way->works])>
        <h2>{{ $speak->say($way->title()) }}</h2>
        <p>{{ $speak->say($way->says()) }}</p>
        <p class="group-note">{{ $way->works ? $speak->sentence($way->harm()).($way->minutes ? ' '.__('site.page.about-minutes', ['minutes' => $way->minutes, 'steps' => implode(', ', array_map(fn ($kind) => lcfirst(App\Words\StepWords::kind($kind)), $way->redo))]) : '').($way->finding ? ' '.__('site.page.leaves-open') : '') : __('site.page.does-not-work') }}</p>
        @if ($way->works)<form method="post" action="{{ route('found.take', [$form->doorway, $form->row]) }}">@csrf<input type="hidden" name="base" value="{{ $form->doorway->revision_id }}"><button class="btn" name="way" value="{{ $way->id }}">{{ __('site.page.do-this') }}</button></form>@endif
      </li>
    @endforeach
  </ol>
  @if ($say && ! $ways)<p><a class="btn" href="{{ route('wall.measure', $form->doorway) }}#means">{{ __('site.page.see-the-findings') }}</a></p>@endif
  @if ($say)<form class="leave-it" method="post" action="{{ route('found.take', [$form->doorway, $form->row]) }}">@csrf
    <label class="site-ask">{{ __('site.page.leave-it-as-it-is') }}<input class="form-control" type="text" name="why" maxlength="300" autocomplete="off"></label><button class="btn" name="way" value="leave">{{ __('common.page.leave-it') }}</button></form>@endif
  @if ($ways)<p class="group-note">{{ __('site.page.what-is-drilled-cut-or') }}</p>@endif
</main>
</x-doorway>
