@props(['title', 'place', 'dish' => null])
<!DOCTYPE html>
<html lang="{{ $say->language() }}" dir="{{ $say->direction() }}">
<x-layouts.head :title="$title" />
<body class="place-{{ $place }}">
    <a class="visually-hidden-focusable skip" href="#main">{{ $t('pages/layout.to-the-work') }}</a>
    <header class="masthead">
        <a class="wordmark" href="{{ route('shelf') }}">{{ $t('pages/layout.orbek') }}</a>
        <nav aria-label="{{ $t('pages/layout.places') }}">
            <ul>
                @foreach (['shelf' => $t('pages/layout.shelf'), 'pot' => $t('pages/layout.pot'), 'clock' => $t('pages/layout.clock'),
                    'stove' => $t('pages/layout.stove'), 'notebook' => $t('pages/layout.notebook'), 'kitchen'
                    => $t('pages/layout.kitchen'), 'drill' => $t('pages/layout.drill'), 'care' => $t('pages/layout.care')] as $key => $name)
                    <li><a href="{{ ! in_array($key, ['pot', 'clock'], true) ? route($key) : ($dish === null ? route("{$key}.last") :
                        route($key,
                        $dish)) }}" data-place="{{ $loop->iteration }}" @if ($key === $place) aria-current="page" @endif>{{ $name
                        }}</a></li>
                @endforeach
            </ul>
        </nav>
        <p class="kitchen">{{ $t('pages/layout.m-water-boils', kitchen: $kitchen->name, altitudeM: round($kitchen->site->altitudeM), boilC:
            $say->degrees($kitchen->boilC(), 1)) }}@if ($member !== null) · <a href="{{ route('people') }}">{{ $member->name
            }}</a>@endif</p>
        <x-languages />
    </header>
    @if ($isDemo)
        <aside class="demo-line" aria-label="{{ $t('pages/layout.demo-kitchen') }}"><form method="post" action="{{ route('demo.own')
            }}">@csrf {{ $t('pages/layout.this-is-the-demo-kitchen') }} <button>{{ $t('pages/layout.begin-your-own', hasOwn: $hasOwn)
                }}</button></form></aside>
    @endif
    @if ($practice !== null)
        <aside class="practice" aria-label="{{ $t('pages/layout.practice-clock-2') }}"> {{ $t('pages/layout.practice-clock', practice:
            $practice) }}
            <form method="post" action="{{ route('practice-clock') }}">@csrf<button name="real" value="1">{{
                $t('pages/layout.back-to-the-real-time') }}</button></form>
        </aside>
    @endif
    <p class="unsent" id="unsent" role="status" hidden></p>
    <main id="main" tabindex="-1">{{ $slot }}</main>
    <x-drawing.hatches />
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">{{ $t('pages/layout.keys') }}</h2>
        <dl>
            <div><dt><kbd>{{ $say->digits(1) }}</kbd> {{ $t('pages/layout.to') }} <kbd>{{ $say->digits(8) }}</kbd></dt><dd>{{
                $t('pages/layout.places-left-to-right') }}</dd></div>
            <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>{{ $t('pages/layout.on-the-pot-station-before-after') }}</dd></div>
            <div><dt><kbd>{{ $t('pages/layout.space') }}</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-done-next') }}</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-a-minute-more') }}</dd></div>
            <div><dt><kbd>t</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-test-a-grain') }}</dd></div>
            <div><dt><kbd>h</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-the-heat-was') }}</dd></div>
            <div><dt><kbd>{{ $t('pages/layout.a') }}</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-say-it-again') }}</dd></div>
            <div><dt><kbd>z</kbd></dt><dd>{{ $t('pages/layout.on-the-stove-undo') }}</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>{{ $t('pages/layout.this-list') }}</dd></div>
        </dl>
        <form method="dialog"><button class="act">{{ $t('pages/layout.close') }}</button></form>
    </dialog>
</body>
</html>
