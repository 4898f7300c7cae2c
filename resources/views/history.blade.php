<x-page :title="$doorway->name.', changes'" class="is-list">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs" title="All jobs"><x-mark /></a>
  <div class="whose"><h1>{{ $doorway->name }}</h1><a href="{{ route('bench', [$doorway, 'wall']) }}">Back to the bench</a></div>
</header>
<main class="list">
  <div class="list-head"><h2>Every change, the newest first</h2></div>
  <table class="table history">
    <thead><tr><th scope="col">No.</th><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th><th scope="col"><span class="visually-hidden">Go back</span></th></tr></thead>
    <tbody>
      @foreach ($revisions as $revision)
        <tr @class(['is-current' => $revision->id === $doorway->revision_id])>
          <td class="number">{{ $revision->number }}</td><td>{{ $revision->created_at->format('j M H:i') }}</td><td>{{ $revision->who }}</td><td>{{ $revision->what->says() }}</td>
          <td>@if ($revision->id === $doorway->revision_id)<b>now</b>@else<form method="post" action="{{ route('history.goto', [$doorway, $revision]) }}">@csrf<button class="btn">Go back to this<span class="visually-hidden">, revision {{ $revision->number }}</span></button></form>@endif</td>
        </tr>
      @endforeach
    </tbody>
  </table>
  {{ $revisions->links('jobs.pages') }}
</main>
</x-page>
