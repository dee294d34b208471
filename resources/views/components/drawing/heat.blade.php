@props(['plan', 'width' => 420])
{{-- The heat line: a block of flame for each stretch, as wide as its minutes, as high as its setting. --}}
@php
    $total = $plan->heat->minutes();
    $left = 10;
    $scale = ($width - 30) / $total;
    $floor = 74;
    $at = $plan->schedule->start('heat-1');
    $id = 'heat-'.substr(md5((string) microtime()), 0, 8);
@endphp
<svg class="drawing heat" viewBox="0 0 {{ $width }} 112" width="{{ $width }}" height="112" role="img" aria-labelledby="{{ $id }}">
    <title id="{{ $id }}">Heat under the lid: {{ collect($plan->heat->blocks)->map(fn ($block) => round($block->minutes).' min '.$block->words())->implode(', ') }}</title>
    @php $x = $left; $minutes = 0; @endphp
    @foreach ($plan->heat->blocks as $index => $block)
        @php
            $w = $block->minutes * $scale;
            $h = $block->isRest() ? 2 : max(6, 58 * $block->setting);
            $label = $block->words();
            $fits = $w > 12 + 6.4 * strlen($label);
        @endphp
        <rect class="block {{ $block->isRest() ? 'rest' : '' }}" x="{{ round($x, 1) }}" y="{{ round($floor - $h, 1) }}" width="{{ round($w, 1) }}" height="{{ round($h, 1) }}"/>
        <text class="strong" x="{{ round($x + ($fits ? $w / 2 : $w / 2), 1) }}" y="{{ round($floor - $h - 6, 1) }}" text-anchor="middle">{{ $fits ? $label : (($block->isRest() ? 'rest' : round(100 * $block->setting).' %')) }}</text>
        <path class="tick" d="M{{ round($x, 1) }},{{ $floor }}v6"/>
        <text class="small" x="{{ round($x, 1) }}" y="{{ $floor + 20 }}" text-anchor="{{ $index === 0 ? 'start' : 'middle' }}">{{ $index === 0 ? $plan->timeAt($at)->format('H:i') : $minutes }}</text>
        @php $x += $w; $minutes += (int) $block->minutes; @endphp
    @endforeach
    <path class="tick" d="M{{ round($x, 1) }},{{ $floor }}v6"/>
    <text class="small" x="{{ round($x, 1) }}" y="{{ $floor + 20 }}" text-anchor="end">{{ $plan->timeAt($at + $minutes)->format('H:i') }}</text>
    <path class="axis" d="M{{ $left }},{{ $floor }}H{{ round($x, 1) }}"/>
    <text class="small" x="{{ $width / 2 }}" y="{{ $floor + 34 }}" text-anchor="middle">minutes sealed</text>
</svg>
