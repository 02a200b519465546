<!DOCTYPE html>
<html lang="en" data-theme="{{ $page['props']['theme'] ?? 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="description" content="Eskith computes the drop, chooses from your own box of blades, spoons and spinners with reasons, and keeps the log on the water.">
    <meta name="style-nonce" content="{{ request()->attributes->get(\App\Http\Middleware\SafeHeaders::NONCE) }}">
    <meta name="theme-color" content="#163B48">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite('resources/js/app.tsx')
    @inertiaHead
</head>
<body>
    @inertia
</body>
</html>
