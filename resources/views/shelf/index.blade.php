<x-page title="Shelf" class="is-list">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Shelf</h1><span>Kits as the company keeps them</span></div>
  <x-places at="shelf" />
</header>
<main class="list">
  <div class="list-head">
    <form class="new" method="post" action="{{ route('shelf.store') }}">@csrf
      <input class="form-control" name="name" placeholder="Name of the kit" aria-label="Name of the new kit" required maxlength="120">
      <button class="btn btn-primary">New kit</button>
    </form>
    <form class="bring" method="post" action="{{ route('shelf.bring-in') }}" enctype="multipart/form-data">@csrf<label class="btn">Bring in kits<input type="file" name="file" accept=".json,application/json" class="visually-hidden" data-submits></label></form>
    <a class="btn" href="{{ route('shelf.give-out') }}">Give them out</a>
  </div>
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  @if (session('kit_problems'))
    <div class="refused" role="alert"><p>That file could not be read. Nothing was changed.</p><ul>@foreach (session('kit_problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  <ul class="kits">
    @foreach ($kits as $kit)
      <li>
        <a href="{{ route('shelf.kit', $kit->row) }}">
          <span class="kit-drawing">{!! $kit->drawing() !!}</span>
          <b>{{ $kit->row->name }}</b>
          @if ($kit->kit)
            @php($worst = $kit->findings()[0] ?? null)
            <span>{{ implode(', ', array_map(fn ($hang) => ['single' => 'one leaf', 'biparting' => 'two that meet', 'bypass' => 'two that pass'][$hang->value], $kit->kit->hangs)) }} · carries {{ round($kit->kit->capacityKg) }} kg · leaf {{ $kit->write->show($kit->kit->leafThickness->low) }} to {{ $kit->write->show($kit->kit->leafThickness->high) }} thick</span>
            <span class="kit-says"><svg class="sign sign-{{ $worst?->severity->value ?? 'ok' }}" aria-hidden="true"><use href="#sign-{{ $worst?->severity->value ?? 'ok' }}"/></svg>{{ $worst ? App\Words\Speaker::in($kit->write)->say($worst->says()) : 'Its numbers agree.' }}</span>
          @else
            <span class="kit-says"><svg class="sign sign-settle" aria-hidden="true"><use href="#sign-settle"/></svg>{{ count($kit->unreadable) }} numbers of its sheet are still to be told.</span>
          @endif
        </a>
        <form method="post" action="{{ route('shelf.store') }}">@csrf<input type="hidden" name="of" value="{{ $kit->row->key }}"><input type="hidden" name="name" value="{{ $kit->row->name }}, copy"><button class="btn">Copy<span class="visually-hidden"> {{ $kit->row->name }}</span></button></form>
      </li>
    @endforeach
  </ul>
</main>
</x-page>
