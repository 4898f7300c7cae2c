@use('App\Bench\Assumption')
@php($assumed = Assumption::all($bench->setout))
@if ($assumed !== [] && $bench->setout->plan)
<details class="assumed" id="assumed"@if ($bench->setout->verdict() === YokeLine\Inspection\Verdict::FitsIf) open @endif>
  <summary>{{ trans_choice('bench.page.nobody-has-answered', count($assumed)) }}</summary>
  <ul>
    @foreach ($assumed as $one)
      @php($says = json_encode([$one->place => $one->usual]))
      @php($at = '#f-'.trim(preg_replace('/[^a-z0-9]+/i', '-', $one->place), '-'))
      <li>
        <a href="{{ route($one->station->page(), $bench->doorway).$at }}" data-goto>{{ $one->label() }}</a>
        @if ($one->usual !== null)
          <b class="number">{{ $one->shown }}</b>
          <button type="button" class="btn" data-change='@json(['changes' => $says])'
            >{{ __('bench.page.it-is-so') }}<span class="visually-hidden">: {{ $one->label() }}</span></button>
        @else
          <span>{{ __('bench.page.choose-it') }}</span>
        @endif
      </li>
    @endforeach
  </ul>
  @if (count($changes = Assumption::changes($assumed)) > 1)
    <p><button type="button" class="btn" data-change='@json(['changes' => json_encode($changes)])'
      >{{ __('bench.page.all-are-so', ['count' => count($changes)]) }}</button></p>
  @endif
</details>
@endif
