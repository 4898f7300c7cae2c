{{-- A page of a job: its name, its pages, then the page. --}}
@props(['job', 'page', 'class' => 'is-marks', 'units' => null])
<x-page :title="$job->name.', '.__('frame.pages.'.$page)" at="jobs" :class="$class" :units="$units ?? [App\Http\Editor::here()->units ?? $job->units, $job->units]">
<header class="bar-job">
  <div class="whose"><h1>{{ $job->name }}</h1></div>
  <nav class="tabs" aria-label="{{ $job->name }}">@foreach (['jobs.show', 'materials', 'cutting', 'supply', 'day-plan', 'documents'] as $route)<a href="{{ route($route, $job) }}" @if ($route === $page) aria-current="page" @endif>{{ __("frame.pages.{$route}") }}</a>@endforeach</nav>
  <div class="tools"><button type="button" class="btn" id="print">{{ __('common.page.print') }}</button></div>
</header>
{{ $slot }}
</x-page>
