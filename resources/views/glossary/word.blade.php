<form method="dialog"><button class="close" aria-label="{{ __('glossary.page.close') }}">×</button></form>
@include('glossary.entry')
<p><a href="{{ route('words') }}#{{ $word }}">{{ __('glossary.page.all') }}</a></p>
