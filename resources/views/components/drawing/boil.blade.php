{{-- The boil as one hill on a time line: where the moment to lift is likely to fall. --}}
<svg class="drawing boil" viewBox="0 0 {{ $width }} 112" width="{{ $width }}" height="112" role="img" @if ($live) data-live-boil
    data-left="{{ $axis->left }}" data-width="{{ $axis->width }}" data-end="{{ $axis->endS }}" @endif>
    <title>{{ $t('pages/drawings.lift-likely', likely: $clock($now->liftAt()), from: $clock($now->liftAt(0.1)), by:
        $clock($now->liftAt(0.9)), back: $clock($now->boil->backAtBoilS), wasTested: $learned, before: $learned ? $lift->at : '')
        }}</title>
    @if ($learned)
        <path class="hill before" d="{{ $hill($lift->forecast->hill()) }}"/>
        <text class="small soft" x="6" y="14">{{ $t('pages/drawings.dashed-before-the-tests') }}</text>
    @endif
    <path class="hill" d="{{ $hill($now->hill()) }}"/>
    <path class="axis" d="M6,{{ $floor }}H{{ $width - 6 }}M6,{{ $floor - 5 }}v10"/>
    <text x="6" y="{{ $floor + 20 }}" class="small">{{ $t('pages/drawings.rice-in') }}</text>
    @foreach ($axis->minutes() as $minute)
        <path class="tick" d="M{{ $axis->x(60 * $minute) }},{{ $floor }}v5"/>
        @if ($minute % $every === 0 && $minute > 1)
            <text x="{{ $axis->x(60 * $minute) }}" y="{{ $floor + 20 }}" text-anchor="middle" class="small">{{ $t('pages/drawings.min',
                minute: $minute) }}</text>
        @endif
    @endforeach
    <path class="back" d="M{{ $axis->x($now->boil->backAtBoilS) }},{{ $floor }}v-20"/>
    <text class="back-label small" x="{{ $axis->x($now->boil->backAtBoilS) }}" y="{{ $floor - 26 }}" text-anchor="middle">{{
        $t('pages/drawings.back-at-the-boil') }}</text>
    <path class="likely" d="M{{ $axis->x($now->liftAt()) }},{{ $floor }}v-46"/>
    <path class="from" d="M{{ $axis->x($now->liftAt(0.1)) }},{{ $floor - 7 }}v14M{{ $axis->x($now->liftAt(0.9)) }},{{ $floor - 7 }}v14"/>
    @foreach ($tests as $test)
        <path class="notch" d="M{{ $axis->x($test->seconds) }},{{ $floor - 12 }}v18"/>
    @endforeach
    <path class="now" d="M0,{{ $floor + 4 }}V14" hidden/>
</svg>
