<div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/drawings.pots-and-rings-to-scale') }}">
<svg class="drawing kitchen" viewBox="0 0 {{ $pots['width'] }} {{ $pots['height'] }}" width="{{ $pots['width'] }}" height="{{
    $pots['height'] }}" role="img">
    <title>{{ $t('pages/drawings.pots-to-scale', pots: collect($home->equipment->pots)->map(fn ($pot) =>
        $t('pages/drawings.pot-and-height', pot: $pot->name, high: (int) round($pot->heightCm())))->implode($semicolon)) }}</title>
    <path class="rule" d="M8,{{ $pots['base'] }}H{{ $pots['width'] - 8 }}"/>
    @foreach ($pots['pots'] as ['pot' => $pot, 'x' => $x, 'half' => $half, 'rim' => $rim, 'wall' => $wall, 'lidY' => $lidY])
        <g class="pot-{{ $pot->material->value }}">
            <path class="wall" stroke-width="{{ $wall }}" d="M{{ $x - $half - $wall / 2 }},{{ $rim }}V{{ $pots['base'] - $wall / 2 }}H{{ $x
                + $half
                + $wall / 2 }}V{{ $rim }}"/>
            <path class="lid-line" d="M{{ $x - $half - 4 }},{{ $lidY }}Q{{ $x }},{{ $lidY - 13 }} {{ $x + $half + 4 }},{{ $lidY }}"/>
            <circle class="lid-line" cx="{{ $x }}" cy="{{ $lidY - 10 }}" r="3"/>
            @if ($pot->lid->value === 'vent')<circle class="lid-line" cx="{{ $x + $half * .45 }}" cy="{{ $lidY - 6 }}" r="1.6"/>@endif
            @if ($pot->cooker !== null)
                <path class="lid-line" d="M{{ $x - $half - 8 }},{{ $rim + 4 }}V{{ $pots['base'] + 5 }}H{{ $x + $half + 8 }}V{{ $rim + 4
                    }}"/>
            @elseif ($pot->handles === 1)
                <path class="handle" d="M{{ $x + $half + $wall }},{{ $rim + 8 }}h{{ min(30, $half) }}"/>
            @else
                <path class="handle" d="M{{ $x - $half - $wall }},{{ $rim + 8 }}h-8v8M{{ $x + $half + $wall }},{{ $rim + 8 }}h8v8"/>
            @endif
            <text x="{{ $x }}" y="{{ ($rim + $pots['base']) / 2 + 5 }}" text-anchor="middle">{{ $t('units.litres', n: (string)
                round($pot->litres, 1)) }}</text>
            <text class="small" x="{{ $x }}" y="{{ $pots['base'] + 19 }}" text-anchor="middle">{{ $t('pages/drawings.cm', diameterCm:
                round($pot->diameterCm)) }}</text>
            <text class="small" x="{{ $x }}" y="{{ $pots['base'] + 35 }}" text-anchor="middle">{{ $pot->cooker === null ?
                $say->label($pot->material) : $t('pages/drawings.cooker') }}</text>
        </g>
    @endforeach
</svg>
<svg class="drawing kitchen" viewBox="0 0 {{ $stove['width'] }} {{ $stove['height'] }}" width="{{ $stove['width'] }}" height="{{
    $stove['height'] }}" role="img">
    <title>{{ $t('pages/drawings.the-stove-from-above', rings: collect($home->equipment->rings)->map(
        fn ($ring) => $t('pages/drawings.ring-line', ring: $ring->label(), kind: $ring->kind, isMarked: $ring->knob->marks !== [],
        marks: array_column($ring->knob->marks, 'name')))->implode($semicolon)) }}</title>
    @foreach ($stove['rings'] as ['ring' => $ring, 'x' => $x, 'y' => $y, 'radius' => $radius, 'marks' => $marks])
        <g class="ring-{{ $ring->kind->value }}">
            @switch ($ring->kind->value)
                @case('gas') @case('camping')
                    <circle class="flames" cx="{{ $x }}" cy="{{ $y }}" r="{{ $radius - 4 }}" stroke-dasharray="2.5 4.5"/>
                    @if ($radius > 30)<circle class="field" cx="{{ $x }}" cy="{{ $y }}" r="{{ round($radius * .55, 1) }}"/>@endif
                    @break
                @case('coil')
                    @foreach ([.35, .58, .8, 1] as $part)<circle class="field" cx="{{ $x }}" cy="{{ $y }}" r="{{ round($radius * $part, 1)
                        }}"/>@endforeach
                    @break
                @case('ceramic')
                    <circle class="field" cx="{{ $x }}" cy="{{ $y }}" r="{{ $radius }}"/><circle class="field" cx="{{ $x }}" cy="{{ $y }}"
                        r="{{ round($radius * .7, 1) }}" stroke-dasharray="3 4"/>
                    @break
                @default
                    <circle class="field" cx="{{ $x }}" cy="{{ $y }}" r="{{ $radius }}" stroke-dasharray="9 5"/><path class="field" d="M{{
                        $x - 7 }},{{ $y }}h14M{{ $x }},{{ $y - 7 }}v14"/>
            @endswitch
            <text x="{{ $x }}" y="{{ $y + 5 }}" text-anchor="middle" class="watts">{{ $t('pages/drawings.kw', watts:
                number_format($ring->watts / 1000, 1)) }}</text>
            <circle class="knob" cx="{{ $x }}" cy="{{ $stove['knobY'] }}" r="{{ $drawing->knob() }}"/>
            <path class="knob" d="M{{ $x }},{{ $stove['knobY'] }}v-{{ $drawing->knob() - 4 }}"/>
            @foreach ($marks as $mark)<text class="small" x="{{ $mark['x'] }}" y="{{ $mark['y'] }}" text-anchor="{{ $mark['x'] < $x -
                8 ? 'end' : ($mark['x'] > $x + 8 ? 'start' : 'middle') }}">{{ Str::limit($mark['name'], 8, '…') }}</text>@endforeach
            <text class="small" x="{{ $x }}" y="{{ $stove['knobY'] + 56 }}" text-anchor="middle">{{ $ring->name }}</text>
        </g>
    @endforeach
</svg>
</div>
