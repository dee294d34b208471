@props(['doneness', 'width' => 250])
{{-- Grains as they swim in the pot: they lengthen with the water they take up and turn from glassy to dense white. --}}
@php
    $random = new App\Drawings\Strewing('swim'.round($doneness, 3));
    $length = 15 + 13 * $doneness;
    $thick = 4.6 + 1.6 * $doneness;
    // Dense white grains ride up: the further they are, the nearer the surface.
    $grains = [];
    for ($i = 0; $i < 34; $i++) {
        $grains[] = [$random->between(14, $width - 14), 108 - $random->between(0, 34 + 60 * $doneness), $random->between(-70, 70)];
    }
@endphp
<svg class="drawing swim" viewBox="0 0 {{ $width }} 120" width="{{ $width }}" height="120" aria-hidden="true">
    <path class="water" d="M0,8q8,-6 16,0{{ str_repeat('t16,0', (int) ($width / 16)) }}V118H0Z"/>
    @foreach ($grains as [$x, $y, $angle])
        <rect class="seen" x="{{ round(-$length / 2, 1) }}" y="{{ round(-$thick / 2, 1) }}" width="{{ round($length, 1) }}" height="{{ round($thick, 1) }}" rx="{{ round($thick / 2, 1) }}" transform="translate({{ round($x, 1) }} {{ round($y, 1) }}) rotate({{ round($angle) }})" fill-opacity="{{ round(0.35 + 0.65 * $doneness, 2) }}"/>
    @endforeach
</svg>
