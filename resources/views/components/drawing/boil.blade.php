@props(['boil', 'width' => 530, 'live' => false])
{{-- The boil as one hill on a time line: where the moment to lift is likely to fall. --}}
@php
    $axis = new App\Drawings\TimeAxis($boil->courseEndsS(), 6, $width - 12);
    $floor = 76;
    $points = collect($boil->hill())->map(fn ($point) => $axis->x($point[0]).','.round($floor - 44 * $point[1], 1));
    $id = 'boil-'.substr(md5((string) microtime()), 0, 8);
    $every = $width < 400 && $axis->endS > 480 ? 2 : 1;
@endphp
<svg class="drawing boil" viewBox="0 0 {{ $width }} 112" width="{{ $width }}" height="112" role="img" aria-labelledby="{{ $id }}" @if ($live) data-live-boil data-left="{{ $axis->left }}" data-width="{{ $axis->width }}" data-end="{{ $axis->endS }}" @endif>
    <title id="{{ $id }}">Lift likely at {{ $boil->liftAt->text() }}, test from {{ $boil->liftAt->fromText() }}, by {{ $boil->liftAt->byText() }}; back at the boil at {{ $boil->backAtBoil->text() }}</title>
    <path class="hill" d="M{{ $axis->x($boil->hill()[0][0]) }},{{ $floor }} L{{ $points->implode(' L') }} L{{ $axis->x($boil->hill()[60][0]) }},{{ $floor }} Z"/>
    <path class="axis" d="M6,{{ $floor }}H{{ $width - 6 }}M6,{{ $floor - 5 }}v10"/>
    <text x="6" y="{{ $floor + 20 }}" class="small">rice in</text>
    @foreach ($axis->minutes() as $minute)
        <path class="tick" d="M{{ $axis->x(60 * $minute) }},{{ $floor }}v5"/>
        @if ($minute % $every === 0 && $minute > 1)
            <text x="{{ $axis->x(60 * $minute) }}" y="{{ $floor + 20 }}" text-anchor="middle" class="small">{{ $minute }} min</text>
        @endif
    @endforeach
    <path class="back" d="M{{ $axis->x($boil->backAtBoil->amount) }},{{ $floor }}v-20"/>
    <text class="back-label small" x="{{ $axis->x($boil->backAtBoil->amount) }}" y="{{ $floor - 26 }}" text-anchor="middle">back at the boil</text>
    <path class="likely" d="M{{ $axis->x($boil->liftAt->amount) }},{{ $floor }}v-46"/>
    <path class="from" d="M{{ $axis->x($boil->liftAt->from) }},{{ $floor - 7 }}v14M{{ $axis->x($boil->liftAt->by) }},{{ $floor - 7 }}v14"/>
    <path class="now" d="M0,{{ $floor + 4 }}V14" hidden/>
</svg>
