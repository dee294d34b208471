@props(['title'])
{{-- A page that asks nothing of the database: it may be what has failed. --}}
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>{{ $title }} · Orbek</title>
    <link rel="icon" href="/orbek.svg" type="image/svg+xml">
    <link rel="manifest" href="/orbek.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <meta name="theme-color" content="#eaede9">
    <meta name="build" content="{{ Illuminate\Support\Facades\Vite::manifestHash() }}">
    @vite(['resources/css/orbek.scss'])
</head>
<body class="place-none">
    <header class="masthead"><a class="wordmark" href="/shelf">orbek</a></header>
    <main id="main"><div class="page">{{ $slot }}</div></main>
</body>
</html>
