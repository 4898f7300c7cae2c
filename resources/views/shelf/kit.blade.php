<x-page :title="$form->row->name" class="is-kit">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Kit</h1><a href="{{ route('shelf') }}">The shelf</a></div>
  <x-places at="shelf" />
  <form class="pair" method="post" action="/editor" aria-label="Units">@csrf
    @foreach (['mm', 'in'] as $unit)<button name="units" value="{{ $unit }}" aria-pressed="{{ $form->unit()->value === $unit ? 'true' : 'false' }}">{{ $unit }}</button>@endforeach
  </form>
</header>
<main id="kit" class="kit-page" hx-include="#seen" hx-target="#kit" hx-swap="morph" hx-ext="morph" hx-sync="#kit:queue all">
  @include('shelf.sheet')
</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line: the last change is <b>not kept</b>. It still stands in its field; change it again when the connection is back.</p>
</x-page>
