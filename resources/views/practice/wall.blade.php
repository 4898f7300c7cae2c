<x-practice :title="$page->title()">
<main class="practice-wall" id="practice" data-round="{{ $page->round->id }}" data-offline="{{ json_encode([route('practice.round', $page->round)]) }}">
  @if ($errors->has('places'))<p class="refused" role="alert">{{ $errors->first('places') }}</p>@endif
 <div class="practice-seen" tabindex="0" role="region" aria-label="{{ $page->title() }}">
  <figure class="practice-drawing" data-units="{{ $page->round->units->value }}">{!! $page->sketch() !!}<figcaption @unless ($page->round->is_swept) hidden @endunless>{{ __('practice.page.swept') }}</figcaption></figure>
  @php($rows = collect($page->readings()))
  @php([$read, $left] = [$rows->whereNotNull('read'), $rows->whereNull('read')])
  <section class="practice-read" aria-labelledby="read" @unless ($page->isMeasured()) hidden @endunless>
    <h2 id="read">{{ __('practice.page.read') }} <small>{{ $page->taken() }}</small></h2>
    <dl>@foreach ($read as $row)<div><dt>{{ $row['label'] }}</dt><dd class="number">{{ $row['read'] }}</dd></div>@endforeach</dl>
  </section>
  <section class="practice-given" aria-labelledby="given" @unless ($page->isMeasured()) hidden @endunless>
    <h2 id="given">{{ __('practice.page.given-title') }}</h2>
    <dl>@foreach ($page->given() as $what => $is)<div><dt>{{ __("practice.page.given.{$what}") }}</dt><dd class="number">{{ $is }}</dd></div>@endforeach</dl>
  </section>
 </div>
 <div>
  @if ($left->isNotEmpty() || ! $page->round->is_swept)
  <form class="practice-measure" method="post" action="{{ route('practice.measure', $page->round) }}">@csrf
    <details @if (! $page->isMeasured()) open @endif>
      <summary><h2>{{ __($page->isMeasured() ? 'practice.page.measure-more' : 'practice.page.measure') }}</h2></summary>
      <p class="group-note">{{ __('practice.page.measure-how') }}</p>
      <ul class="to-measure">
        @foreach ($left as $row)<li><label><input type="checkbox" name="places[]" value="{{ $row['place'] }}" data-label="{{ $row['label'] }}" data-minutes="{{ $row['minutes'] }}"> {{ $row['label'] }} <small>{{ __('practice.page.minutes', ['count' => $row['minutes']]) }}</small></label></li>@endforeach
        @unless ($page->round->is_swept)<li><label><input type="checkbox" name="places[]" value="sweep" data-minutes="{{ $page->sweepMinutes() }}"> {{ __('practice.page.sweep') }} <small>{{ __('practice.page.minutes', ['count' => $page->sweepMinutes()]) }}</small></label></li>@endunless
      </ul>
      <button @class(['btn', 'btn-primary' => ! $page->isMeasured()])>{{ __('practice.page.measure-these') }}</button>
      <p class="notice" role="status" data-waits hidden>{{ __('practice.page.waits') }}</p>
    </details>
  </form>
  @endif
  <form class="practice-answers" method="post" action="{{ route('practice.answer', $page->round) }}" data-practice @unless ($page->isMeasured()) hidden @endunless>@csrf
    <h2>{{ __('practice.page.set-out') }}</h2>
    <p class="group-note">{{ __('practice.page.set-out-how') }}</p>
    @foreach ($page->asks() as $row)
      @php([$ask, $id] = [$row['ask'], "a-{$row['ask']->value}"])
      <div class="ask">
        <label for="{{ $id }}">{{ $row['label'] }}</label><p id="{{ $id }}-how">{{ $row['how'] }}</p>
        @if ($row['options'] !== [])
          <select id="{{ $id }}" aria-describedby="{{ $id }}-how" class="form-select" name="{{ $ask->value }}"><option value=""></option>@foreach ($row['options'] as $value => $says)<option value="{{ $value }}" @selected(old($ask->value) === $value)>{{ $says }}</option>@endforeach</select>
        @elseif ($ask === YokeLine\Practice\Ask::Studs)
          <div class="marks">@foreach (range(0, 9) as $i)<input @if ($i === 0) id="{{ $id }}" @else aria-label="{{ $row['label'] }} {{ $i + 1 }}" @endif class="form-control number" name="studs[]" value="{{ old("studs.{$i}") }}" autocomplete="off" inputmode="text" data-places="along">@endforeach</div>
        @else
          <input id="{{ $id }}" aria-describedby="{{ $id }}-how" class="form-control number" name="{{ $ask->value }}" value="{{ old($ask->value) }}" autocomplete="off" inputmode="text" @if ($ask->isAlong()) data-places="along" @elseif ($ask->isHeight()) data-places="up" @endif>
        @endif
        @if ($errors->has($ask->value))<p class="refused" role="alert">{{ $errors->first($ask->value) }}</p>@endif
      </div>
    @endforeach
    <button class="btn btn-primary">{{ __('practice.page.hang') }}</button>
    <p class="notice" role="status" data-waits hidden>{{ __('practice.page.kept') }}</p>
  </form>
 </div>
  <script type="application/json" id="practice-numbers">@json($page->numbers())</script>
  <script type="text/plain" id="practice-tape">{{ $page->sealed() }}</script>
</main>
</x-practice>
