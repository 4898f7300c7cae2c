<x-practice :title="__('practice.page.drill')">
<main class="practice-outcome practice-drilled" data-practised="{{ $round->id }}">
  @php($right = count(array_filter($rows, fn ($row) => $row['is'])))
  <section class="practice-verdict" aria-labelledby="score">
    <h2 id="score">{{ $rows === [] ? __('practice.page.drilled-none') : __('practice.page.drilled', ['right' => $right, 'of' => count($rows)]) }}</h2>
    <form method="post" action="{{ route('practice.begin') }}">@csrf<input type="hidden" name="level" value="drill"><button class="btn btn-primary">{{ __('practice.page.begin') }}</button></form>
  </section>
  <section class="judged">
    @foreach ($rows as $row)
      @php($sign = $row['is'] ? 'ok' : 'stop')
      <article @class(['is-right' => $row['is']])>
        <h3><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg> {{ $row['asks'] }}</h3>
        {!! $row['picture'] !!}
        <dl><div><dt>{{ __('practice.page.yours') }}</dt><dd class="number">{{ $row['said'] }}</dd></div><div><dt>{{ __('practice.page.right') }}</dt><dd class="number">{{ $row['right'] }}</dd></div></dl>
      </article>
    @endforeach
  </section>
</main>
</x-practice>
