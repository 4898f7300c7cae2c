<x-practice :title="__('practice.page.drill')">
<main class="practice-drill" id="practice" data-round="{{ $page->round->id }}" data-offline="{{ json_encode([route('practice.round', $page->round)]) }}">
  <p>{{ __('practice.page.drill-how') }}</p>
  <button type="button" class="btn btn-primary" id="drill-begin">{{ __('practice.page.drill-begin') }}</button>
  <p id="drill-left" class="number" role="timer" data-seconds="{{ YokeLine\Practice\DrillQuestion::SECONDS }}" data-says="{{ __('practice.page.seconds') }}" hidden></p>
  <form method="post" action="{{ route('practice.answer', $page->round) }}" data-practice id="drill" hidden>@csrf
    @foreach ($page->questions() as $n => $question)
      <fieldset hidden>
        <legend>{{ $question['asks'] }}</legend>
        {!! $question['picture'] !!}
        <input class="form-control number" name="answers[{{ $n }}]" autocomplete="off" inputmode="text" aria-label="{{ __('practice.page.answer') }}"><span class="unit">{{ $page->round->units->value }}</span>
      </fieldset>
    @endforeach
    <button class="btn btn-primary" id="drill-next">{{ __('practice.page.next-question') }}</button>
    <p class="notice" role="status" data-waits hidden>{{ __('practice.page.kept') }}</p>
  </form>
</main>
</x-practice>
