{{-- A fault as a page of the product: what happened, what of it is lost, where to go. It asks neither database nor session. --}}
@php(request()->hasSession() || app()->setLocale(request()->getPreferredLanguage(array_keys(App\Http\Editor::LANGUAGES)) ?? 'en'))
{{-- What we say of a missing thing ourselves, not what the framework says. --}}
@php($known = ($code === 404 || $code === 403 && ! $exception instanceof Illuminate\Routing\Exceptions\InvalidSignatureException) && $exception->getPrevious() === null && $exception->getMessage() !== '' && ! str_starts_with($exception->getMessage(), 'The route '))
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title>{{ __('top.page.yoke-line', ['title' => __("errors.{$code}.title")]) }}</title>
  <link rel="icon" href="/icon-192.png" type="image/png" sizes="192x192">
  @include('frame.looks')
</head>
<body class="is-fault">
<header class="bar-top"><a class="home" href="/" aria-label="{{ __('common.page.all-jobs') }}"><x-mark /></a><nav class="places" aria-label="{{ __('frame.places') }}"><a href="/">{{ __('top.nav.jobs') }}</a></nav></header>
<main class="fault">
  <h1>{{ __("errors.{$code}.title") }}</h1>
  <p>{{ $known ? $exception->getMessage() : __("errors.{$code}.says") }}</p>
  <p class="group-note">{{ __("errors.{$code}.kept") }}</p>
  <p><a class="btn btn-primary" href="{{ url()->previous('/') }}" data-back>{{ __('errors.back') }}</a> <a class="btn" href="/">{{ __('common.page.all-jobs') }}</a></p>
</main>
</body>
</html>
