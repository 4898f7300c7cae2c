@php([$write, $doorway, $speak] = [$over->run->write, $over->doorway, App\Words\Speaker::in($over->run->write)])
<x-page :title="$doorway->name.', prove'" class="is-marks">
@include('record.top', ['title' => 'Prove', 'setout' => $doorway->setout($over->run->units)])
<main class="marks-page prove">
  <p class="sheet-verdict"><b>{{ $over->open() === [] ? 'Proved: everything holds or is accepted.' : 'Still open: '.implode('; ', $over->open()).'.' }}</b> @if ($over->open() === [])<a href="{{ route('hand-over', $doorway) }}">Hand it over</a>@endif</p>
  @foreach ($over->checks() as $check)
    @php($holds = $over->holds($check))
    <form method="post" action="{{ route('prove.say', $doorway) }}" id="{{ $check->id }}" class="check" data-holds="{{ $holds === null ? '' : ($holds ? 'yes' : 'no') }}">@csrf
      <input type="hidden" name="kind" value="run"><input type="hidden" name="about" value="{{ $check->id }}"><input type="hidden" name="units" value="{{ $write->unit->value }}">
      <p>{{ $speak->say($check->says()) }}@if ($check->expected) <b>expect {{ $write->show($check->expected) }}</b>@endif</p>
      @if ($check->expected)
        @php($refused = session('refused.about') === $check->id ? session('refused') : null)
        <input class="form-control" type="text" name="typed" autocomplete="off" value="{{ $refused['typed'] ?? $over->read($check) }}" aria-label="{{ $speak->say($check->says()) }}, read" @if ($refused) aria-invalid="true" @endif><button class="btn">Keep</button>
        @if ($refused)<em class="refused" role="alert">{{ $refused['says'] }}</em>@endif
      @else
        <button class="btn" name="holds" value="yes" aria-pressed="{{ $holds === true ? 'true' : 'false' }}">Holds</button><button class="btn" name="holds" value="no" aria-pressed="{{ $holds === false ? 'true' : 'false' }}">Does not</button>
      @endif
      @if ($holds !== null)<span class="check-says">{{ $holds ? 'holds' : 'does not hold' }}</span>@endif
    </form>
  @endforeach
  <h2>Snags</h2>
  @foreach ($over->snags as $about => $snag)
    <form method="post" action="{{ route('prove.say', $doorway) }}" id="{{ $about }}" class="check">@csrf
      <input type="hidden" name="kind" value="snag"><input type="hidden" name="about" value="{{ $about }}"><input type="hidden" name="says" value="{{ $snag->data['says'] }}">
      <p>{{ $snag->data['says'] }} <b>{{ $snag->data['state'] }}@if ($snag->data['reason'] ?? ''): {{ $snag->data['reason'] }}@endif</b></p>
      @if ($snag->data['state'] === 'open')<input class="form-control is-wide" type="text" name="reason" aria-label="Why it is accepted: {{ $snag->data['says'] }}" placeholder="why it is accepted"><button class="btn" name="state" value="settled">Settled</button><button class="btn" name="state" value="accepted">Accept as it is</button>
      @else<button class="btn" name="state" value="open">Open again</button>@endif
      @if (session('refused.about') === $about)<em class="refused" role="alert">{{ session('refused.says') }}</em>@endif
    </form>
  @endforeach
  <form method="post" action="{{ route('prove.say', $doorway) }}" class="check">@csrf<input type="hidden" name="kind" value="snag"><input type="hidden" name="state" value="open"><input class="form-control is-wide" type="text" name="says" aria-label="What is still to be done" placeholder="what is still to be done" required maxlength="200"><button class="btn">New snag</button></form>
</main>
</x-page>
