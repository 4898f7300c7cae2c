<x-page :title="__('top.nav.jobs')" at="jobs" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ $archived ? __('jobs.page.archived') : __('top.nav.jobs') }}</h1><span>{{ __('jobs.page.sliding-doors-over-openings-that') }}</span></div></header>
<main class="list">
  <div class="list-head">
    @unless ($archived)
      @may('plan')<form class="new" method="post" action="{{ route('jobs.store') }}">
        @csrf
        <input class="form-control" name="name" placeholder="{{ __('jobs.page.customer-or-building') }}" aria-label="{{ __('jobs.page.name-of-the-new-job') }}" required maxlength="120">
        <x-speaks :units="$units" />
        <button class="btn btn-primary">{{ __('jobs.page.new-job') }}</button>
      </form>
      <form class="bring" method="post" action="{{ route('jobs.bring-in') }}" enctype="multipart/form-data">@csrf<label class="btn" title="{{ __('jobs.page.the-zip-of-a-job', ['most_mb' => \App\Files\Zip::MOST_MB]) }}">{{ __('jobs.page.bring-in-a-job') }}<input type="file" name="file" accept=".zip,application/zip" class="visually-hidden" data-submits></label></form>@endmay

      @may('own')<a class="other-list" href="{{ route('firm.give-out') }}">{{ __('jobs.page.give-everything-out') }}</a>@endmay

    @endunless
    <a class="other-list" href="{{ $archived ? route('jobs') : route('jobs', ['archived' => 1]) }}">{{ $archived ? __('common.page.back-to-the-jobs') : __('jobs.page.archived') }}</a>
  </div>
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  @if (session('job_problems'))
    <div class="refused" role="alert"><p><b>{{ session('job_problems.name') }}</b> {{ __('jobs.page.could-not-be-read-nothing') }}</p>
      <ul>@foreach (session('job_problems.problems') as $place => $says)<li>@if ($place)<code>{{ $place }}</code>: @endif{{ $says }}</li>@endforeach</ul></div>
  @endif
  @if ($found)<ul class="found-beside" aria-label="{{ __('frame.found') }}">@foreach ($found as $to => $name)<li><a href="{{ $to }}">{{ $name }}</a></li>@endforeach</ul>@endif
  <div id="jobs">
    @forelse ($jobs as $job)
      @include('jobs.job')
    @empty
      @if ($found === [])<p class="nothing">{{ $words !== '' ? __('jobs.page.none-like', ['words' => $words]) : ($archived ? __('jobs.page.nothing-archived') : __('jobs.page.no-jobs-yet')) }}</p>@endif
    @endforelse
    {{ $jobs->links('frame.pages') }}
  </div>
</main>
</x-page>
