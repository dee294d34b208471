{{-- How far a bag or a stove runs from its kind: what its kind would say, or what was believed before, dashed, and what it has taught. --}}
<svg class="drawing belief" viewBox="0 0 {{ $width }} 90" width="{{ $width }}" height="90" role="img">
    <title>{{ $says ?? $say->first($stove ? $belief->stoveWords() : $belief->words()) }}</title>
    <path class="hill before" d="{{ $hill($kind->weights) }}"/>
    <path class="hill" d="{{ $hill($belief->weights) }}"/>
    <path class="axis" d="M8,{{ $floor }}H{{ $width - 8 }}M{{ $x(0) }},{{ $floor }}v6"/>
    <path class="likely" d="M{{ $x(log($belief->likely())) }},{{ $floor }}v-48"/>
    <text class="small" x="8" y="{{ $floor + 20 }}">{{ $ends[0] ?? $t('pages/drawings.belief-low', isStove: $stove) }}</text>
    <text class="small" x="{{ $x(0) }}" y="{{ $floor + 20 }}" text-anchor="middle">{{ $ends[1] ?? $t('pages/drawings.belief-usual')
        }}</text>
    <text class="small" x="{{ $width - 8 }}" y="{{ $floor + 20 }}" text-anchor="end">{{ $ends[2] ?? $t('pages/drawings.belief-high',
        isStove: $stove) }}</text>
</svg>
