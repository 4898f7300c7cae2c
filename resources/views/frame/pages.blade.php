@if ($paginator->hasPages())
  <nav class="pages" aria-label="{{ __('frame.more') }}">
    @if ($paginator->previousPageUrl())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">{{ __('frame.newer') }}</a>@endif
    @if ($paginator->nextPageUrl())<a href="{{ $paginator->nextPageUrl() }}" rel="next">{{ __('frame.older') }}</a>@endif
  </nav>
@endif
