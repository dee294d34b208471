@props(['boil', 'width' => 530, 'live' => false, 'lift' => null, 'forecast' => null, 'tests' => []])
{{-- The boil as one hill on a time line: where the moment to lift is likely to fall. --}}
@php
    $axis = new App\Drawings\TimeAxis($boil->courseEndsS(), 6, $width - 12);
    $floor = 76;
    $hill = fn ($points) => 'M'.$axis->x($points[0][0]).','.$floor.' L'.collect($points)->map(fn ($point) =>
        $axis->x($point[0]).','.round($floor - 44 * $point[1], 1))->implode(' L').' L'.$axis->x($points[count($points) -
        1][0]).','.$floor.' Z';
    $lift ??= $boil->last;
    $now = $forecast ?? $lift->forecast;
    $learned = $forecast !== null && ($tests !== [] || $forecast->boil !== $lift->forecast->boil);
    [$from, $likely, $by] = [$now->liftAt(0.1), $now->liftAt(), $now->liftAt(0.9)];
    $clock = Orbek\Core\Measure\Figure::clock(...);
    $every = $width < 400 && $axis->endS > 480 ? 2 : 1;
@endphp
<svg class="drawing boil" viewBox="0 0 {{ $width }} 112" width="{{ $width }}" height="112" role="img" @if ($live) data-live-boil
    data-left="{{ $axis->left }}" data-width="{{ $axis->width }}" data-end="{{ $axis->endS }}" @endif>
    <title>Lift likely at {{ $clock($likely) }}, test from {{ $clock($from) }}, by {{ $clock($by) }}; back at the boil at {{
        $clock($now->boil->backAtBoilS) }}{{ $learned ? '; before the tests likely at '.$lift->at->text() : '' }}</title>
    @if ($learned)
        <path class="hill before" d="{{ $hill($lift->forecast->hill()) }}"/>
        <text class="small soft" x="6" y="14">dashed: before the tests</text>
    @endif
    <path class="hill" d="{{ $hill($now->hill()) }}"/>
    <path class="axis" d="M6,{{ $floor }}H{{ $width - 6 }}M6,{{ $floor - 5 }}v10"/>
    <text x="6" y="{{ $floor + 20 }}" class="small">rice in</text>
    @foreach ($axis->minutes() as $minute)
        <path class="tick" d="M{{ $axis->x(60 * $minute) }},{{ $floor }}v5"/>
        @if ($minute % $every === 0 && $minute > 1)
            <text x="{{ $axis->x(60 * $minute) }}" y="{{ $floor + 20 }}" text-anchor="middle" class="small">{{ $minute }} min</text>
        @endif
    @endforeach
    <path class="back" d="M{{ $axis->x($now->boil->backAtBoilS) }},{{ $floor }}v-20"/>
    <text class="back-label small" x="{{ $axis->x($now->boil->backAtBoilS) }}" y="{{ $floor - 26 }}" text-anchor="middle">back at the
        boil</text>
    <path class="likely" d="M{{ $axis->x($likely) }},{{ $floor }}v-46"/>
    <path class="from" d="M{{ $axis->x($from) }},{{ $floor - 7 }}v14M{{ $axis->x($by) }},{{ $floor - 7 }}v14"/>
    @foreach ($tests as $test)
        <path class="notch" d="M{{ $axis->x($test->seconds) }},{{ $floor - 12 }}v18"/>
    @endforeach
    <path class="now" d="M0,{{ $floor + 4 }}V14" hidden/>
</svg>
