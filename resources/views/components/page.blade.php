@props(['title', 'class' => ''])
<!doctype html>
<html lang="en">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <meta name="csrf-token" content="{{ csrf_token() }}">
  <title>{{ $title }} · Yoke Line</title>
  <link rel="icon" href="/mark.svg" type="image/svg+xml">
  @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body class="{{ $class }}" hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}'>
{{ $slot }}
</body>
</html>
