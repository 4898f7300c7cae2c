<section class="job" aria-labelledby="job-{{ $job->id }}">
  <header>
    <h3 id="job-{{ $job->id }}">{{ $job->name }}</h3>
    @unless ($job->archived_at)<nav class="job-ways" aria-label="{{ $job->name }}"><a href="{{ route('materials', $job) }}">{{ __('common.page.materials') }}</a> <a href="{{ route('day-plan', $job) }}">{{ __('jobs.page.day-plan') }}</a></nav>@endunless
    @may('plan')<details class="more">
      <summary>{{ __('jobs.page.rename-give-out-or-put') }}</summary>
      <template><div>
        <form method="post" action="{{ route('jobs.update', $job) }}">@csrf @method('patch')<input class="form-control" name="name" value="{{ $job->name }}" aria-label="{{ __('jobs.page.new-name-of', ['name' => $job->name]) }}" required maxlength="120"><x-speaks :units="$job->units" /><button class="btn">{{ __('common.page.save') }}</button></form>
        <a class="btn" href="{{ route('documents', $job) }}">{{ __('jobs.page.give-out-whole') }}</a>
        @if ($job->archived_at)
          <form method="post" action="{{ route('jobs.restore', $job) }}">@csrf<button class="btn">{{ __('jobs.page.bring-back') }}</button></form>
        @else
          <form method="post" action="{{ route('jobs.archive', $job) }}">@csrf<button class="btn">{{ __('jobs.page.put-away') }}</button></form>
        @endif
      </div></template>
    </details>@endmay

  </header>
  @if (session('file_problems.job') === $job->id)
    <div class="refused" role="alert"><p><b>{{ session('file_problems.name') }}</b> {{ __('jobs.page.could-not-be-read-nothing') }}</p>
      <ul>@foreach (session('file_problems.problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  <ul class="doorways">
    @foreach ($job->doorways as $doorway)
      <li class="doorway">
        <a class="doorway-name" href="{{ route('wall.measure', $doorway) }}"><svg class="sign sign-{{ YokeLine\Inspection\Verdict::from($doorway->verdict)->sign() }}" aria-hidden="true"><use href="#sign-{{ YokeLine\Inspection\Verdict::from($doorway->verdict)->sign() }}"/></svg><b>{{ $doorway->name }}</b><span>{{ $doorway->says() }}</span></a>
        @may('plan')<details class="more">
          <summary>{{ __('jobs.page.more') }}<span class="visually-hidden"> {{ __('jobs.page.for', ['name' => $doorway->name]) }}</span></summary>
          <template><div>
            @if ($doorway->archived_at)
              <form method="post" action="{{ route('doorways.restore', $doorway) }}">@csrf<button class="btn">{{ __('jobs.page.bring-back') }}</button></form>
            @else
              <form method="post" action="{{ route('doorways.update', $doorway) }}">@csrf @method('patch')<input class="form-control" name="name" value="{{ $doorway->name }}" aria-label="{{ __('jobs.page.new-name-of', ['name' => $doorway->name]) }}" required maxlength="120"><button class="btn">{{ __('jobs.page.rename') }}</button></form>
              <form method="post" action="{{ route('doorways.copy', $doorway) }}">@csrf<button class="btn">{{ __('jobs.page.duplicate') }}</button></form>
              <a class="btn" href="{{ route('doorways.like', $doorway) }}">{{ __('jobs.page.one-like-it') }}</a>
              <a class="btn" href="{{ route('files.show', $doorway) }}">{{ __('jobs.page.give-out-as-a-file') }}</a>
              <form method="post" action="{{ route('doorways.archive', $doorway) }}">@csrf<button class="btn">{{ __('jobs.page.put-away') }}</button></form>
            @endif
          </div></template>
        </details>@endmay

      </li>
    @endforeach
  </ul>
  @unless ($archived)
    <p class="begin-by-phone"><a class="btn" href="{{ route('jobs.measure', $job) }}" data-offline="{{ json_encode([route('jobs.measure', $job), route('jobs.show', $job)]) }}">{{ __('survey.page.new-doorway') }}</a></p>
    @may('plan')<div class="add">
      <form class="new" method="post" action="{{ route('doorways.store', $job) }}">@csrf<input class="form-control" name="name" placeholder="{{ __('jobs.page.room-it-leads-to') }}" aria-label="{{ __('jobs.page.name-of-the-new-doorway', ['name' => $job->name]) }}" required maxlength="120"><x-speaks :units="$job->units" /><button class="btn btn-primary">{{ __('jobs.page.new-doorway') }}</button></form>
      <form class="bring" method="post" action="{{ route('files.store', $job) }}" enctype="multipart/form-data">@csrf<label class="btn">{{ __('jobs.page.bring-in-a-file') }}<input type="file" name="file" accept=".json,application/json" class="visually-hidden" data-submits></label></form>
    </div>@endmay

  @endunless
</section>
