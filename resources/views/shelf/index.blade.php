<x-page :title="__('top.nav.shelf')" at="shelf" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('shelf.page.shelf') }}</h1><span>{{ __('shelf.page.kits-as-the-company-keeps') }}</span></div><nav class="tabs" aria-label="{{ __('top.nav.shelf') }}"><a href="{{ route('shelf') }}" aria-current="page">{{ __('frame.pages.kits') }}</a><a href="{{ route('shelf.parts') }}">{{ __('frame.pages.parts') }}</a></nav></header>
<main class="list">
  <div class="list-head">
    <form class="new" method="post" action="{{ route('shelf.store') }}">@csrf
      <input class="form-control" name="name" placeholder="{{ __('shelf.page.name-of-the-kit') }}" aria-label="{{ __('shelf.page.name-of-the-new-kit') }}" required maxlength="120">
      <button class="btn btn-primary">{{ __('shelf.page.new-kit') }}</button>
    </form>
    <form class="bring" method="post" action="{{ route('shelf.bring-in') }}" enctype="multipart/form-data">@csrf<label class="btn">{{ __('shelf.page.bring-in-kits') }}<input type="file" name="file" accept=".json,application/json" class="visually-hidden" data-submits></label></form>
    <a class="btn" href="{{ route('shelf.parts') }}">{{ __('shelf.parts.title') }}</a>
    <a class="btn" href="{{ route('shelf.give-out') }}">{{ __('shelf.page.give-them-out') }}</a>
  </div>
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  @if (session('kit_problems'))
    <div class="refused" role="alert"><p>{{ __('shelf.page.that-file-could-not-be') }}</p><ul>@foreach (session('kit_problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  <ul class="kits">
    @foreach ($kits as $kit)
      <li>
        <a href="{{ route('shelf.kit', $kit->row) }}">
          <span class="kit-drawing">{!! $kit->drawing() !!}</span>
          <b>{{ $kit->row->name }}</b>
          @if ($kit->kit)
            @php($worst = $kit->findings()[0] ?? null)
            <span>{{ __('shelf.page.carries-leaf-to-thick', ['hangs' => implode(', ', array_map(fn ($hang) => __("hangs.short.{$hang->value}"), $kit->kit->hangs)), 'mass' => App\Words\Speaker::in($kit->write)->amount(YokeLine\Measure\Quantity::kilograms($kit->kit->capacityKg)), 'low' => $kit->write->show($kit->kit->leafThickness->low), 'high' => $kit->write->show($kit->kit->leafThickness->high)]) }}</span>
            <span class="kit-says"><svg class="sign sign-{{ $worst?->severity->value ?? 'ok' }}" aria-hidden="true"><use href="#sign-{{ $worst?->severity->value ?? 'ok' }}"/></svg>{{ $worst ? App\Words\Speaker::in($kit->write)->say($worst->says()) : __('shelf.page.agrees') }}</span>
          @else
            <span class="kit-says"><svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg>{{ __('shelf.page.numbers-of-its-sheet-are', ['count' => count($kit->unreadable)]) }}</span>
          @endif
        </a>
        <form method="post" action="{{ route('shelf.store') }}">@csrf<input type="hidden" name="of" value="{{ $kit->row->key }}"><input type="hidden" name="name" value="{{ $kit->row->name }}, copy"><button class="btn">{{ __('shelf.page.copy') }}<span class="visually-hidden"> {{ $kit->row->name }}</span></button></form>
      </li>
    @endforeach
  </ul>
</main>
</x-page>
