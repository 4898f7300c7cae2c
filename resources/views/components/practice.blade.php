{{-- A page under Practice: what it is, and the way back. --}}
@props(['title', 'print' => false])
<x-page :title="$title" at="practice" class="is-list">
<header class="bar-job">
  <div class="whose"><h1>{{ $title }}</h1><a href="{{ route('practice') }}">{{ __('practice.page.home') }}</a></div>
  @if ($print)<div class="tools"><button type="button" class="btn" id="print">{{ __('practice.page.print') }}</button></div>@endif

</header>
{{ $slot }}
</x-page>
