@props(['title', 'place', 'dish' => null])
<!DOCTYPE html>
<html lang="en">
<x-layouts.head :title="$title" />
<body class="place-{{ $place }}">
    <a class="visually-hidden-focusable skip" href="#main">To the work</a>
    <header class="masthead">
        <a class="wordmark" href="{{ route('shelf') }}">orbek</a>
        <nav aria-label="Places">
            <ul>
                @foreach (['shelf' => 'Shelf', 'pot' => 'Pot', 'clock' => 'Clock', 'stove' => 'Stove', 'notebook' => 'Notebook', 'kitchen'
                    => 'Kitchen', 'drill' => 'Drill', 'care' => 'Care'] as $key => $name)
                    <li><a href="{{ ! in_array($key, ['pot', 'clock'], true) ? route($key) : ($dish === null ? route("{$key}.last") :
                        route($key,
                        $dish)) }}" data-place="{{ $loop->iteration }}" @if ($key === $place) aria-current="page" @endif>{{ $name
                        }}</a></li>
                @endforeach
            </ul>
        </nav>
        <p class="kitchen">{{ $kitchen->name }} · {{ round($kitchen->site->altitudeM) }} m, water boils at {{
            $say->degrees($kitchen->boilC(), 1)
            }}@if ($member !== null) · <a href="{{ route('people') }}">{{ $member->name }}</a>@endif</p>
    </header>
    @if ($isDemo)
        <aside class="demo-line" aria-label="Demo kitchen"><form method="post" action="{{ route('demo.own') }}">@csrf
            This is the demo kitchen: <button>{{ $hasOwn ? 'back to your own' : 'begin your own' }}</button></form></aside>
    @endif
    @if ($practice !== null)
        <aside class="practice" aria-label="Practice clock">
            Practice clock: {{ $practice }}
            <form method="post" action="{{ route('practice-clock') }}">@csrf<button name="real" value="1">Back to the real
                time</button></form>
        </aside>
    @endif
    <p class="unsent" id="unsent" role="status" hidden></p>
    <main id="main" tabindex="-1">{{ $slot }}</main>
    <x-drawing.hatches />
    <dialog class="keys" id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div><dt><kbd>1</kbd> to <kbd>8</kbd></dt><dd>places, left to right</dd></div>
            <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>on the Pot: station before, after</dd></div>
            <div><dt><kbd>Space</kbd></dt><dd>on the Stove: done, next</dd></div>
            <div><dt><kbd>+</kbd> <kbd>−</kbd></dt><dd>on the Stove: a minute more, a minute less</dd></div>
            <div><dt><kbd>t</kbd></dt><dd>on the Stove: test a grain</dd></div>
            <div><dt><kbd>h</kbd></dt><dd>on the Stove: the heat was turned</dd></div>
            <div><dt><kbd>a</kbd></dt><dd>on the Stove: say it again</dd></div>
            <div><dt><kbd>z</kbd></dt><dd>on the Stove: undo</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
        </dl>
        <form method="dialog"><button class="act">Close</button></form>
    </dialog>
</body>
</html>
