<section class="job" aria-labelledby="job-{{ $job->id }}">
  <header>
    <h3 id="job-{{ $job->id }}">{{ $job->name }}</h3>
    @unless ($job->archived_at)<nav class="job-ways" aria-label="{{ $job->name }}"><a href="{{ route('materials', $job) }}">Materials</a> <a href="{{ route('day-plan', $job) }}">Day plan</a></nav>@endunless
    <details class="more">
      <summary>Rename, give out or put away</summary>
      <div>
        <form method="post" action="{{ route('jobs.update', $job) }}">@csrf @method('patch')<input class="form-control" name="name" value="{{ $job->name }}" aria-label="New name of {{ $job->name }}" required maxlength="120"><button class="btn">Rename</button></form>
        <a class="btn" href="{{ route('jobs.paper', $job) }}">Give out whole</a>
        @if ($job->archived_at)
          <form method="post" action="{{ route('jobs.restore', $job) }}">@csrf<button class="btn">Bring back</button></form>
        @else
          <form method="post" action="{{ route('jobs.archive', $job) }}">@csrf<button class="btn">Put away</button></form>
        @endif
      </div>
    </details>
  </header>
  @if (session('file_problems.job') === $job->id)
    <div class="refused" role="alert"><p><b>{{ session('file_problems.name') }}</b> could not be read. Nothing was changed.</p>
      <ul>@foreach (session('file_problems.problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  <ul class="doorways">
    @foreach ($job->doorways as $doorway)
      <li class="doorway">
        <a class="doorway-name" href="{{ route('bench', [$doorway, 'wall']) }}"><svg class="sign sign-{{ YokeLine\Inspection\Verdict::from($doorway->verdict)->sign() }}" aria-hidden="true"><use href="#sign-{{ YokeLine\Inspection\Verdict::from($doorway->verdict)->sign() }}"/></svg><b>{{ $doorway->name }}</b><span>{{ $doorway->says() }}</span></a>
        <details class="more">
          <summary>More<span class="visually-hidden"> for {{ $doorway->name }}</span></summary>
          <div>
            @if ($doorway->archived_at)
              <form method="post" action="{{ route('doorways.restore', $doorway) }}">@csrf<button class="btn">Bring back</button></form>
            @else
              <form method="post" action="{{ route('doorways.update', $doorway) }}">@csrf @method('patch')<input class="form-control" name="name" value="{{ $doorway->name }}" aria-label="New name of {{ $doorway->name }}" required maxlength="120"><button class="btn">Rename</button></form>
              <form method="post" action="{{ route('doorways.copy', $doorway) }}">@csrf<button class="btn">Duplicate</button></form>
              <a class="btn" href="{{ route('files.show', $doorway) }}">Give out as a file</a>
              <form method="post" action="{{ route('doorways.archive', $doorway) }}">@csrf<button class="btn">Put away</button></form>
            @endif
          </div>
        </details>
      </li>
    @endforeach
  </ul>
  @unless ($archived)
    <div class="add">
      <form class="new" method="post" action="{{ route('doorways.store', $job) }}">@csrf<input class="form-control" name="name" placeholder="Room it leads to" aria-label="Name of the new doorway in {{ $job->name }}" required maxlength="120"><button class="btn btn-primary">New doorway</button></form>
      <form class="bring" method="post" action="{{ route('files.store', $job) }}" enctype="multipart/form-data">@csrf<label class="btn">Bring in a file<input type="file" name="file" accept=".json,application/json" class="visually-hidden" data-submits></label></form>
    </div>
  @endunless
</section>
