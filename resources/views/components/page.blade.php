{{-- Every page: the bar over all, then what is under it. $at: which of the bar's places it is in, '' for none of it: a
  customer's page; $units: shown and own. --}}
@props(['title', 'at', 'class' => '', 'units' => null, 'doorway' => null])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <meta name="csrf-token" content="{{ csrf_token() }}">
  @if ($at !== '')<meta name="state-of" content="{{ $state->of }}"><meta name="state" content="{{ $state->is }}">@endif

  <title>{{ __('top.page.yoke-line', ['title' => $title]) }}</title>
  @if ($who = app(App\Firm\Here::class)->person())<meta name="who" content="{{ $who->id }}">@endif

  <meta name="theme-color" content="#1c2a2f">
  <link rel="manifest" href="/manifest.webmanifest">
  <link rel="icon" href="/icon-192.png" type="image/png" sizes="192x192">
  {{-- Nothing is painted of half a page: what has come would move when the rest does. --}}
  <link rel="expect" href="#term" blocking="render">
  @include('frame.looks')
</head>
<body class="{{ $class }}" hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}'>
<svg hidden><defs>
  <symbol id="sign-stop" viewBox="0 0 16 16"><path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z"/></symbol>
  <symbol id="sign-settle" viewBox="0 0 16 16"><path d="M8 0l8 8-8 8-8-8z"/></symbol>
  <symbol id="sign-ok" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6"/></symbol>
  <symbol id="sign-note" viewBox="0 0 16 16"><path d="M1 6h14v4H1z"/></symbol>
</defs></svg>
<script type="application/json" id="words">{!! json_encode(__('scripts'), JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}</script>
@if ($at !== '')
@include('frame.top')
<x-notices />
<p id="outdated" role="status" hidden>{{ __('top.page.what-this-page-shows-has') }} <button type="button" class="btn">{{ __('top.page.bring-it-up-to-date') }}</button></p>
@endif
{{ $slot }}
@if ($at !== ''){!! App\Frame\Foot::of($at, $doorway) !!}@endif

<dialog id="term" aria-label="{{ __('glossary.page.title') }}"></dialog>
</body>
</html>
