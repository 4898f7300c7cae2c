@php([$doorway, $setout, $speak] = [$over->doorway, $over->doorway->setout($over->run->units), App\Words\Speaker::in($over->run->write)])
<x-doorway :frame="new App\Frame\DoorwayFrame($doorway, 'record.handover')" class="is-marks">
<main class="marks-page hand-over">
  <p class="sheet-verdict"><b>{{ $over->signature ? __('record.page.signed-by', ['name' => $over->signature->data['name'], 'at' => $over->signature->at->translatedFormat('j M Y, H:i')]) : ($over->open() === [] ? __('record.page.ready') : __('record.page.still-open', ['what' => $over->stillOpen()])) }}</b> @if ($over->open() !== [])<a href="{{ route('record.checks', $doorway) }}">{{ __('record.page.prove-and-settle') }}</a>@endif <x-papers to="hand-over.paper" :with="[$doorway]" /></p>
  <x-pictured :plan="$over->run->plan" :speak="$speak" :photo="$over->photo()" />
  <p class="group-note"><a href="{{ route('papers.sheet', $doorway) }}">{{ __('frame.working-drawing') }}</a></p>
  <div class="table-scroll">
    <table class="table"><caption>{{ __('record.page.what-was-fitted') }}</caption><tbody>@foreach ($over->fitted() as [$name, $says])<tr><th scope="row">{{ $name }}</th><td>{{ $says }}</td></tr>@endforeach</tbody></table></div>
  <div class="two">
    <div><h2>{{ __('record.page.how-it-was-proved') }}</h2><ul class="hand">@foreach ($over->checks() as $check)<li>{{ $speak->say($check->says()) }}@if ($over->read($check)): {{ $over->read($check) }}@endif: <b>{{ __('record.page.'.match ($over->holds($check)) { true => 'it-holds', false => 'it-fails', null => 'not-checked' }) }}</b></li>@endforeach @foreach ($over->snags as $snag)<li>{{ $snag->text('says') }}: <b>{{ __("record.snags.{$snag->data['state']}") }}</b>@if ($snag->text('reason')), {{ $snag->text('reason') }}@endif</li>@endforeach</ul></div>
    <div><h2>{{ __('record.page.how-to-care-for-it') }}</h2><ul class="hand">@foreach ($over->care() as $says)<li>{{ $says }}</li>@endforeach</ul>
      <h2>{{ __('record.page.take-care') }}</h2><ul class="hand">@foreach ($over->cautions() as $says)<li>{{ $says }}</li>@endforeach</ul></div>
  </div>
  @if ($over->signature)
    <figure class="signed"><svg viewBox="0 0 400 140" role="img" aria-label="{{ __('record.page.signature-of', ['name' => $over->signature->data['name']]) }}"><path d="{{ $over->signature->data['strokes'] }}" fill="none" stroke="#1a272c" stroke-width="2"/></svg><figcaption>{{ $over->signature->data['name'] }}</figcaption></figure>
  @else
    @if (session('not_signed'))<p class="refused" role="alert">{{ session('not_signed') }}</p>@endif
    <form method="post" action="{{ route('hand-over.sign', $doorway) }}" id="sign">@csrf
      <label>{{ __('record.page.name') }} <input class="form-control" name="name" value="{{ old('name') }}" maxlength="120" autocomplete="name"></label>
      <svg viewBox="0 0 400 140" id="signature" role="img" aria-label="{{ __('record.page.sign-here-with-finger-or') }}"><path d="" fill="none" stroke="#1a272c" stroke-width="2"/></svg>
      <input type="hidden" name="strokes"><div><button type="button" class="btn" id="sign-again">{{ __('record.page.again') }}</button> <button class="btn btn-primary">{{ __('record.page.sign') }}</button></div>
    </form>
  @endif
</main>
</x-doorway>
