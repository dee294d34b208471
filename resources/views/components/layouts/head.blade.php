@props(['title', 'scripts' => true])
@php($style = $say->direction() === 'rtl' ? 'resources/css/orbek.rtl.scss' : 'resources/css/orbek.scss')
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    @if ($scripts)
        <meta name="csrf-token" content="{{ csrf_token() }}">
    @endif
    <meta name="color-scheme" content="light dark">
    <title>{{ $t('pages/layout.orbek-2', title: $title) }}</title>
    <link rel="icon" href="/orbek.svg" type="image/svg+xml">
    <link rel="manifest" href="/orbek.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <meta name="theme-color" content="#eaede9">
    <meta name="build" content="{{ Illuminate\Support\Facades\Vite::manifestHash() }}">
    @if ($scripts)
        <script type="application/json" id="words">{!! $say->scripts() !!}</script>
    @endif
    @vite($scripts ? [$style, 'resources/js/orbek.js'] : [$style])
</head>
