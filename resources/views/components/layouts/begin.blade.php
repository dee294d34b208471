@props(['title', 'step' => null])
<!DOCTYPE html>
<html lang="{{ $say->language() }}" dir="{{ $say->direction() }}">
<x-layouts.head :title="$title" />
<body class="place-begin">
    <header class="masthead">
        <span class="wordmark">{{ $t('pages/layout.orbek') }}</span>
        <nav aria-label="{{ $t('pages/layout.the-first-minutes') }}"><ol class="steps">
            @foreach ([...Orbek\Core\Kitchen\FirstMinutes::STEPS, 'dish'] as $key)
                <li>@if ($key === $step)<span aria-current="step">{{ $t('pages/begin.step-name', step:
                    $key) }}</span>@elseif ($key === 'dish')<span>{{
                    $t('pages/begin.step-name', step: $key) }}</span>@else<a
                    href="{{ route('begin', $key) }}">{{ $t('pages/begin.step-name', step: $key) }}</a>@endif</li>
            @endforeach
        </ol></nav>
        <x-languages />
    </header>
    <main id="main" tabindex="-1">{{ $slot }}</main>
</body>
</html>
