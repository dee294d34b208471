@props(['belief', 'width' => 300, 'stove' => false, 'before' => null])
{{-- How far a bag or a stove runs from its kind: what its kind would say, or what was believed before, dashed, and what it has taught. --}}
@php
    $least = -0.45; $most = 0.45; $floor = 62;
    $x = fn (float $ln) => round(8 + ($width - 16) * ($ln - $least) / ($most - $least), 1);
    $hill = function ($weights) use ($x, $floor, $least, $most) {
        $top = max($weights);
        $points = collect(Orbek\Core\Learning\FactorBelief::grid())->map(fn ($ln, $i) => [$ln, $weights[$i]])->filter(fn ($point) =>
            $point[0] >= $least && $point[0] <= $most);
        return 'M'.$x($least).','.$floor.' L'.$points->map(fn ($point) => $x($point[0]).','.round($floor - 46 * $point[1] / $top,
            1))->implode(' L').' L'.$x($most).','.$floor.' Z';
    };
    $kind = $before ?? Orbek\Core\Learning\FactorBelief::ofItsKind();
@endphp
<svg class="drawing belief" viewBox="0 0 {{ $width }} 90" width="{{ $width }}" height="90" role="img">
    <title>{{ $say->first($stove ? $belief->stoveWords() : $belief->words()) }}</title>
    <path class="hill before" d="{{ $hill($kind->weights) }}"/>
    <path class="hill" d="{{ $hill($belief->weights) }}"/>
    <path class="axis" d="M8,{{ $floor }}H{{ $width - 8 }}M{{ $x(0) }},{{ $floor }}v6"/>
    <path class="likely" d="M{{ $x(log($belief->likely())) }},{{ $floor }}v-48"/>
    <text class="small" x="8" y="{{ $floor + 20 }}">{{ $stove ? 'less heat' : 'faster' }}</text>
    <text class="small" x="{{ $x(0) }}" y="{{ $floor + 20 }}" text-anchor="middle">its kind</text>
    <text class="small" x="{{ $width - 8 }}" y="{{ $floor + 20 }}" text-anchor="end">{{ $stove ? 'more heat' : 'slower' }}</text>
</svg>
