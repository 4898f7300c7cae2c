@if ($paginator->hasPages())
  <nav class="pages" aria-label="{{ __('jobs.page.more-jobs') }}">
    @if ($paginator->previousPageUrl())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">{{ __('jobs.page.newer') }}</a>@endif
    @if ($paginator->nextPageUrl())<a href="{{ $paginator->nextPageUrl() }}" rel="next">{{ __('jobs.page.older') }}</a>@endif
  </nav>
@endif
