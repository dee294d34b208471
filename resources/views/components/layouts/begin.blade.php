@props(['title', 'step' => null])
@php $steps = ['place' => 'Where', 'pots' => 'Pots', 'rings' => 'Rings', 'plates' => 'Plate', 'oven' => 'Oven', 'rice' => 'Rice', 'units' =>
    'Units', 'people' => 'People', 'dish' => 'First dish']; @endphp
<!DOCTYPE html>
<html lang="en">
<x-layouts.head :title="$title" />
<body class="place-begin">
    <header class="masthead">
        <span class="wordmark">orbek</span>
        <nav aria-label="The first minutes"><ol class="steps">
            @foreach ($steps as $key => $name)
                <li>@if ($key === $step)<span aria-current="step">{{ $name }}</span>@elseif ($key === 'dish')<span>{{ $name }}</span>@else<a
                    href="{{ route('begin', $key) }}">{{ $name }}</a>@endif</li>
            @endforeach
        </ol></nav>
    </header>
    <main id="main" tabindex="-1">{{ $slot }}</main>
</body>
</html>
