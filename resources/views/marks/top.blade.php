<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>{{ $title }}, {{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'rail']) }}">Back to the bench</a></div>
  <nav class="pair" aria-label="From plan to pencil"><a href="{{ route('marks', $doorway) }}" @if ($title === 'Marks') aria-current="page" @endif>Marks</a><a href="{{ route('order', $doorway) }}" @if ($title !== 'Marks') aria-current="page" @endif>Order of work</a><a href="{{ route('sheet', $doorway) }}">Sheet</a></nav>
  <form class="pair" method="post" action="/editor" aria-label="Units">@csrf
    @foreach (['mm', 'in'] as $unit)<button name="units" value="{{ $unit }}" aria-pressed="{{ $setout->write->unit->value === $unit ? 'true' : 'false' }}">{{ $unit }}</button>@endforeach
  </form>
  <button type="button" class="btn" id="print">Print</button>
</header>
