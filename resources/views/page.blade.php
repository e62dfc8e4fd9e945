<!DOCTYPE html>
<html lang="{{ \RushHold\Words\Words::language() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="dark light">
    <title>Rush Hold</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <meta name="theme-color" content="#12171d">
    {{-- What every page says is on its way with the code that says it. --}}
    @foreach (\App\Http\PageWords::files() as $file)
    <link rel="modulepreload" href="{{ Vite::asset($file) }}">
    @endforeach
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="page"></div>
    <noscript>{{ \RushHold\Words\Words::text('page.no-script') }}</noscript>
</body>
</html>
