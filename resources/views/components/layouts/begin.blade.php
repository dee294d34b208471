@props(['title', 'step' => null])
@php $steps = ['place' => 'Where', 'pots' => 'Pots', 'rings' => 'Rings', 'plates' => 'Plate', 'oven' => 'Oven', 'rice' => 'Rice', 'units' => 'Units', 'people' => 'People', 'dish' => 'First dish']; @endphp
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="color-scheme" content="light dark">
    <title>{{ $title }} · Orbek</title>
    <link rel="icon" href="/orbek.svg" type="image/svg+xml">
    <link rel="manifest" href="/orbek.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <meta name="theme-color" content="#eaede9">
    <meta name="build" content="{{ Illuminate\Support\Facades\Vite::manifestHash() }}">
    @vite(['resources/css/orbek.scss', 'resources/js/orbek.js'])
</head>
<body class="place-begin">
    <header class="masthead">
        <span class="wordmark">orbek</span>
        <nav aria-label="The first minutes"><ol class="steps">
            @foreach ($steps as $key => $name)
                <li>@if ($key === $step)<span aria-current="step">{{ $name }}</span>@elseif ($key === 'dish')<span>{{ $name }}</span>@else<a href="{{ route('begin', $key) }}">{{ $name }}</a>@endif</li>
            @endforeach
        </ol></nav>
    </header>
    <main id="main" tabindex="-1">{{ $slot }}</main>
</body>
</html>
