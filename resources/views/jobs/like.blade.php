<x-page :title="__('jobs.page.one-like', ['name' => $doorway->name])" at="jobs" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('jobs.page.one-like', ['name' => $doorway->name]) }}</h1></div></header>
<main class="list">
  @foreach ($errors->all() as $error)<p class="refused" role="alert">{{ $error }}</p>@endforeach
  <p>{{ __('jobs.page.one-like-it-why') }}</p>
  <form class="like" method="post" action="{{ route('doorways.pattern', $doorway) }}">@csrf
    <label>{{ __('jobs.page.room-it-leads-to') }} <input class="form-control" name="name" value="{{ old('name') }}" required maxlength="120" autofocus></label>
    <label>{{ __('jobs.page.in-which-job') }} <select class="form-select" name="job">@foreach ($jobs as $job)<option value="{{ $job->id }}" @selected($job->id === (int) old('job', $doorway->job_id))>{{ $job->name }}</option>@endforeach</select></label>
    <button class="btn btn-primary">{{ __('jobs.page.begin-it') }}</button>
  </form>
</main>
</x-page>
