{{-- The pot's water: what is brought and what is needed on one scale of grams, and where the rice ends between dry and wet. --}}
<svg class="drawing balance" viewBox="0 0 560 170" width="560" height="170" role="img">
    <title>{{ $t('pages/drawings.water-in-the-layered-pot', needsFromG: $g($balance->needsFromG), needsToG: $g($balance->needsToG),
        surfaceG: $g($balance->surfaceG), fillingG: $g($balance->fillingG), leakG: $g($balance->leakG), clothG: $g($balance->clothG), word:
        $balance->word(), uptake: number_format($balance->uptake, 2)) }}</title>
    <text x="{{ $left - 8 }}" y="30" text-anchor="end">{{ $t('pages/drawings.wanted') }}</text>
    <path class="wanted" d="M{{ $x($balance->needsFromG) }},16V38M{{ $x($balance->needsToG) }},16V38M{{ $x($balance->needsFromG) }},27H{{
        $x($balance->needsToG) }}"/>
    <text class="strong" x="{{ $x(($balance->needsFromG + $balance->needsToG) / 2) }}" y="14" text-anchor="middle">{{
        $t('pages/drawings.to', needsFromG: $g($balance->needsFromG), needsToG: $g($balance->needsToG)) }}</text>
    <text x="{{ $left - 8 }}" y="62" text-anchor="end">{{ $t('pages/drawings.brought') }}</text>
    @foreach ($brought() as $index => ['from' => $from, 'grams' => $grams])
        <rect class="water{{ $index }}" x="{{ $x($from) }}" y="48" width="{{ max(0.5, $length($grams)) }}" height="18"/>
    @endforeach
    <text class="small" x="{{ $left }}" y="82">{{ $t('pages/drawings.round-the-grains-from-the-filling', surfaceG: $g($balance->surfaceG),
        fillingG: $g($balance->fillingG), leakG: $g($balance->leakG), clothG: $g($balance->clothG)) }}</text>
    <path class="axis" d="M{{ $left }},116H{{ $left + $wide }}"/>
    <path class="right" d="M{{ $scale(2.15) }},116H{{ $scale(2.65) }}"/>
    @foreach ([[2.02, 'dry'], [2.4, 'right'], [2.85, 'wet']] as [$w, $word])<text class="small" x="{{ $scale($w) }}" y="134"
        text-anchor="middle">{{ $word }}</text>@endforeach
    <path @class(['mark', 'off' => ! $balance->isRight()]) d="M{{ $scale($balance->uptake) }},104v24"/>
    <text class="strong" x="{{ $left }}" y="160">{{ $t('pages/drawings.ends-times-its-raw-weight', word: $balance->word(), uptake:
        number_format($balance->uptake, 2)) }}</text>
</svg>
