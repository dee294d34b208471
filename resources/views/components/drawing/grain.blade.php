{{-- Of several grains alike the first lends the others its dots (dotsAs, dotsOf). A grain cut across: the cooked ring round its raw core,
    core radius / grain radius = √(1 − D). --}}
<svg class="drawing grain" viewBox="-52 -52 104 104" width="{{ $size }}" height="{{ $size }}" role="img" @if ($live) data-live-grain @endif>
    <title>{{ $t('pages/drawings.grain-cut', isTold: $told, cooked: (int) round(100 * $doneness), core: (int) round(100 * $core)) }}</title>
    <circle class="ring" r="48"/>
    <g class="core" transform="scale({{ round($core, 4) }})">
        <circle class="raw" r="48" vector-effect="non-scaling-stroke"/>
        @if ($dotsOf !== null)<use href="#{{ $dotsOf }}"/>@else<path @if ($dotsAs !== null) id="{{ $dotsAs }}" @endif class="dots" d="{{
            $dots() }}" vector-effect="non-scaling-stroke"/>@endif
    </g>
</svg>
