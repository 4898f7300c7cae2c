@if ($paginator->hasPages())
  <nav class="pages" aria-label="More jobs">
    @if ($paginator->previousPageUrl())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer</a>@endif
    @if ($paginator->nextPageUrl())<a href="{{ $paginator->nextPageUrl() }}" rel="next">Older</a>@endif
  </nav>
@endif
