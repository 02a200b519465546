<!DOCTYPE html>
<html lang="en" data-theme="{{ $page['props']['theme'] ?? 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="description" content="Eskith computes the drop, chooses from your own box of blades, spoons and spinners with reasons, and keeps the log on the water.">
    <meta name="style-nonce" content="{{ request()->attributes->get(\App\Http\Middleware\SafeHeaders::NONCE) }}">
    @if (\App\Http\DevelopmentScripts::origin())
        <meta property="csp-nonce" nonce="{{ request()->attributes->get(\App\Http\Middleware\SafeHeaders::NONCE) }}">
    @endif
    <meta name="theme-color" content="#163B48">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/build/eskith.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    {{-- The two Latin fonts are on every page; the other subsets are asked for only by text that needs them. --}}
    @foreach (['atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2', 'bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2'] as $font)
        <link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset("node_modules/@fontsource-variable/{$font}") }}">
    @endforeach
    @viteReactRefresh
    @vite(['resources/js/app.tsx', "resources/js/pages/{$page['component']}.tsx"])
    @inertiaHead
</head>
<body>
    <script data-page="app" type="application/json">{!! json_encode($page, JSON_HEX_TAG) !!}</script>
    <div id="app">
        @if ($sight = \App\Http\FirstSight::of($page))
            @include('first-sight')
        @endif
    </div>
</body>
</html>
