{{-- Asked for with the page: set once, in the face it keeps, so that nothing moves when it comes. --}}
@foreach (['overpass', 'overpass-mono'] as $family)@foreach ([400, 700] as $weight)<link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset("node_modules/@fontsource/{$family}/files/{$family}-latin-{$weight}-normal.woff2") }}">@endforeach @endforeach
<link rel="modulepreload" href="{{ Vite::asset('resources/js/app.js') }}">
@vite(['resources/css/app.scss', 'resources/js/start.js'])
