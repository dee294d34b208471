@props(['title', 'step' => null])
<!DOCTYPE html>
<html lang="en">
<x-layouts.head :title="$title" />
<body class="place-begin">
    <header class="masthead">
        <span class="wordmark">orbek</span>
        <nav aria-label="The first minutes"><ol class="steps">
            @foreach (App\View\Pages\Steps::NAMES as $key => $name)
                <li>@if ($key === $step)<span aria-current="step">{{ $name }}</span>@elseif ($key === 'dish')<span>{{ $name }}</span>@else<a
                    href="{{ route('begin', $key) }}">{{ $name }}</a>@endif</li>
            @endforeach
        </ol></nav>
    </header>
    <main id="main" tabindex="-1">{{ $slot }}</main>
</body>
</html>
