<!doctype html>
<html lang="en" data-hours="{{ config('shop.clock') }}" data-bs-theme="{{ request()->cookie('dj_theme') === 'dark' ? 'dark' : 'light' }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="person" content="{{ auth()->id() }}">
    <meta name="htmx-config"
        content='{"includeIndicatorStyles":false,"allowEval":false,"allowScriptTags":false,"historyCacheSize":0,"timeout":60000,
            "responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},
            {"code":"4..","swap":true,"error":true},{"code":"5..","swap":false,"error":true}]}'>
    <title>{{ $title }} · Dusty Jet</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>

<body class="dj {{ $body ?? 'pg-worksheet' }}" hx-ext="morph">
    <a class="dj-skip" href="#main">Skip to the work</a>
    @yield('main')
    @include('frame.key-list')
    @include('frame.outbox')
</body>

</html>
