<x-page title="Jobs" class="is-list">
<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>Yoke Line</h1><span>Sliding doors over openings that are there</span></div>
  <x-places at="jobs" />
  <form class="search" method="get" action="{{ route('jobs') }}" role="search">
    <input class="form-control" type="search" name="q" value="{{ $words }}" placeholder="Find a job or a doorway" aria-label="Find a job or a doorway" hx-get="{{ route('jobs') }}" hx-trigger="input changed delay:200ms" hx-target="#jobs" hx-select="#jobs" hx-swap="outerHTML" hx-push-url="true">
    @if ($archived)<input type="hidden" name="archived" value="1">@endif
  </form>
  <form class="you" method="post" action="{{ route('editor') }}">
    @csrf
    <label for="who">You are</label>
    <input class="form-control" id="who" name="who" value="{{ $editor->name }}" maxlength="60" data-submits>
  </form>
</header>
<main class="list">
  <div class="list-head">
    <h2>{{ $archived ? 'Put away' : 'Jobs' }}</h2>
    @unless ($archived)
      <form class="new" method="post" action="{{ route('jobs.store') }}">
        @csrf
        <input class="form-control" name="name" placeholder="Customer or building" aria-label="Name of the new job" required maxlength="120">
        <button class="btn btn-primary">New job</button>
      </form>
      <form class="bring" method="post" action="{{ route('jobs.bring-in') }}" enctype="multipart/form-data">@csrf<label class="btn" title="The ZIP of a job, or of everything; up to {{ \App\Files\Zip::MOST_MB }} MB">Bring in a job<input type="file" name="file" accept=".zip,application/zip" class="visually-hidden" data-submits></label></form>
      <a class="other-list" href="{{ route('firm.give-out') }}">Give everything out</a>
    @endunless
    <a class="other-list" href="{{ $archived ? route('jobs') : route('jobs', ['archived' => 1]) }}">{{ $archived ? 'Back to the jobs' : 'What was put away' }}</a>
  </div>
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  @if (session('job_problems'))
    <div class="refused" role="alert"><p><b>{{ session('job_problems.name') }}</b> could not be read. Nothing was changed.</p>
      <ul>@foreach (session('job_problems.problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  <div id="jobs">
    @forelse ($jobs as $job)
      @include('jobs.job')
    @empty
      <p class="nothing">{{ $words !== '' ? "No job or doorway is called anything like “{$words}”." : ($archived ? 'Nothing was put away.' : 'No jobs yet. Name the first one above.') }}</p>
    @endforelse
    {{ $jobs->links('jobs.pages') }}
  </div>
</main>
</x-page>
