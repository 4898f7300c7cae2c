@php([$write, $doorway, $speak] = [$over->run->write, $over->doorway, App\Words\Speaker::in($over->run->write)])
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'record.checks')" class="is-marks">
<main class="marks-page prove">
  <p class="sheet-verdict"><b>{{ $over->open() === [] ? __('record.page.all-checked') : __('record.page.still-open', ['what' => $over->stillOpen()]) }}</b> @if ($over->open() === [])<a href="{{ route('record.handover', $doorway) }}">{{ __('record.page.hand-it-over') }}</a>@endif</p>
  @foreach ($over->checks() as $check)
    @php($holds = $over->holds($check))
    <form method="post" action="{{ route('prove.say', $doorway) }}" id="{{ $check->id }}" class="check" data-holds="{{ $holds === null ? '' : ($holds ? 'yes' : 'no') }}">@csrf
      <input type="hidden" name="kind" value="run"><input type="hidden" name="about" value="{{ $check->id }}"><input type="hidden" name="units" value="{{ $write->unit->value }}">
      <p>{{ $speak->say($check->says()) }}@if ($check->expected) <b>{{ __('record.page.expect', ['expected' => $write->show($check->expected)]) }}</b>@endif</p>
      @if ($check->expected)
        @php($refused = session('refused.about') === $check->id ? session('refused') : null)
        <input class="form-control" type="text" name="typed" autocomplete="off" value="{{ $refused['typed'] ?? $over->read($check) }}" aria-label="{{ __('record.page.read', ['check' => $speak->say($check->says())]) }}" @if ($refused) aria-invalid="true" @endif><button class="btn">{{ __('record.page.keep') }}</button>
        @if ($refused)<em class="refused" role="alert">{{ $refused['says'] }}</em>@endif
      @else
        <button class="btn" name="holds" value="yes" aria-pressed="{{ $holds === true ? 'true' : 'false' }}">{{ __('record.page.holds') }}</button><button class="btn" name="holds" value="no" aria-pressed="{{ $holds === false ? 'true' : 'false' }}">{{ __('record.page.does-not') }}</button>
      @endif
      @if ($holds !== null)<span class="check-says">{{ $holds ? __('record.page.it-holds') : __('record.page.it-fails') }}</span>@endif
    </form>
  @endforeach
  <h2>{{ __('common.page.snags') }}</h2>
  @foreach ($over->snags as $about => $snag)
    <form method="post" action="{{ route('prove.say', $doorway) }}" id="{{ $about }}" class="check">@csrf
      <input type="hidden" name="kind" value="snag"><input type="hidden" name="about" value="{{ $about }}"><input type="hidden" name="says" value="{{ $snag->text('says') }}">
      <p>{{ $snag->text('says') }} <b>{{ __("record.snags.{$snag->data['state']}") }}@if ($snag->text('reason')): {{ $snag->text('reason') }}@endif</b></p>
      @if ($snag->data['state'] === 'open')<input class="form-control is-wide" type="text" name="reason" aria-label="{{ __('record.page.why-it-is-accepted', ['data' => $snag->text('says')]) }}" placeholder="{{ __('record.page.why-it-is-accepted-2') }}"><button class="btn" name="state" value="settled">{{ __('record.page.settled') }}</button><button class="btn" name="state" value="accepted">{{ __('record.page.accept-as-it-is') }}</button>
      @else<button class="btn" name="state" value="open">{{ __('common.page.open-again') }}</button>@endif
      @if (session('refused.about') === $about)<em class="refused" role="alert">{{ session('refused.says') }}</em>@endif
    </form>
  @endforeach
  <form method="post" action="{{ route('prove.say', $doorway) }}" class="check">@csrf<input type="hidden" name="kind" value="snag"><input type="hidden" name="state" value="open"><input class="form-control is-wide" type="text" name="says" aria-label="{{ __('record.page.what-is-still-to-be') }}" placeholder="{{ __('record.page.what-is-still-to-be-2') }}" required maxlength="200"><button class="btn">{{ __('record.page.new-snag') }}</button></form>
</main>
</x-doorway>
