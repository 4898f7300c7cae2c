<x-page :title="$form->doorway->name.', size card'" class="is-card">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Size card, {{ $form->doorway->name }}</h1><a href="{{ route('bench', [$form->doorway, 'leaf']) }}">Back to the bench</a></div>
  <form class="pair" method="post" action="/editor" aria-label="Units">@csrf
    @foreach (['mm', 'in'] as $unit)<button name="units" value="{{ $unit }}" aria-pressed="{{ $form->unit()->value === $unit ? 'true' : 'false' }}">{{ $unit }}</button>@endforeach
  </form>
  <button type="button" class="btn" id="print">Print</button>
</header>
<main id="card" class="card-page" hx-target="#card" hx-swap="morph" hx-ext="morph" hx-sync="#card:queue all" hx-include="#base">@include('fitting.card')</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line: the last change is <b>not kept</b>. It still stands in its field; change it again when the connection is back.</p>
</x-page>
