<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>{{ $title }}, {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'rail']) }}">Back to the bench</a></div>
  <nav class="pair" aria-label="The record">@foreach (['Offer' => 'offer', 'Site' => 'site', 'Log' => 'log', 'Compare' => 'compare', 'How sure' => 'sure', 'Prove' => 'prove', 'Hand over' => 'hand-over'] as $name => $route)<a href="{{ route($route, $doorway) }}" @if ($title === $name) aria-current="page" @endif>{{ $name }}</a>@endforeach</nav>
  <form class="pair" method="post" action="/editor" aria-label="Units">@csrf
    @foreach (['mm', 'in'] as $unit)<button name="units" value="{{ $unit }}" aria-pressed="{{ $setout->write->unit->value === $unit ? 'true' : 'false' }}">{{ $unit }}</button>@endforeach
  </form>
  <button type="button" class="btn" id="print">Print</button>
</header>
