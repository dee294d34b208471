{{-- The pot's water: what is brought and what is needed on one scale of grams, and where the rice ends between dry and wet. --}}
<svg class="drawing balance" viewBox="0 0 560 170" width="560" height="170" role="img">
    <title>Water in the layered pot: the rice takes {{ $g($balance->needsFromG) }} to {{ $g($balance->needsToG) }} more; {{
        $g($balance->surfaceG) }} lie round the grains, {{ $g($balance->fillingG) }} come from the filling; {{ $g($balance->leakG) }} get
        past the seal, {{ $g($balance->clothG) }} go into the cloth. The rice ends {{ $balance->word() }}, {{
        number_format($balance->uptake, 2) }} times its raw weight.</title>
    <text x="{{ $left - 8 }}" y="30" text-anchor="end">wanted</text>
    <path class="wanted" d="M{{ $x($balance->needsFromG) }},16V38M{{ $x($balance->needsToG) }},16V38M{{ $x($balance->needsFromG) }},27H{{
        $x($balance->needsToG) }}"/>
    <text class="strong" x="{{ $x(($balance->needsFromG + $balance->needsToG) / 2) }}" y="14" text-anchor="middle">{{
        $g($balance->needsFromG) }} to {{ $g($balance->needsToG) }}</text>
    <text x="{{ $left - 8 }}" y="62" text-anchor="end">brought</text>
    @foreach ($brought() as $index => ['from' => $from, 'grams' => $grams])
        <rect class="water{{ $index }}" x="{{ $x($from) }}" y="48" width="{{ max(0.5, $length($grams)) }}" height="18"/>
    @endforeach
    <text class="small" x="{{ $left }}" y="82">{{ $g($balance->surfaceG) }} round the grains, {{ $g($balance->fillingG) }} from the filling;
        {{ $g($balance->leakG) }} past the seal, {{ $g($balance->clothG) }} into the cloth</text>
    <path class="axis" d="M{{ $left }},116H{{ $left + $wide }}"/>
    <path class="right" d="M{{ $scale(2.15) }},116H{{ $scale(2.65) }}"/>
    @foreach ([[2.02, 'dry'], [2.4, 'right'], [2.85, 'wet']] as [$w, $word])<text class="small" x="{{ $scale($w) }}" y="134"
        text-anchor="middle">{{ $word }}</text>@endforeach
    <path @class(['mark', 'off' => ! $balance->isRight()]) d="M{{ $scale($balance->uptake) }},104v24"/>
    <text class="strong" x="{{ $left }}" y="160">Ends {{ $balance->word() }}: {{ number_format($balance->uptake, 2) }} times its raw
        weight.</text>
</svg>
