<!doctype html>
<html lang="en" data-theme="day">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, interactive-widget=resizes-content">
    <meta name="theme-color" content="#13201d">
    <meta name="shop" content="{{ $shop }}" data-key="{{ config('app.shop_key') }}">
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/mark-192.png">
    <title>Moltrek</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Moltrek needs scripts switched on in this browser.</noscript>
</body>
</html>
