<svg class="drawing pot" viewBox="0 0 {{ round($wide) }} {{ round($drawing->height) }}" width="{{ round($wide) }}" height="{{
    round($drawing->height) }}" role="{{ $touch ? 'group' : 'img' }}">
    <title>{{ $t('pages/drawings.pot-in-section', dish: $plan->dish->name, pot: $plan->pot()->name, layers: $told(), isPoured:
        $plan->dish->build->underTheLid() !== [], poured: array_map(fn ($one) => $one->name,
        array_values($plan->dish->build->underTheLid())), isPlaced: $drawing->onTop() !== null, free: $plan->totals->free(), seal:
        $plan->dish->lid->seal->name) }}</title>

    @if ($labels)
        <g class="rule">
            @foreach ($drawing->rule() as $tick)
                <path d="M{{ $left - $wall - ($tick['cm'] % 5 === 0 ? 34 : 30) }},{{ $tick['y'] }}h{{ $tick['cm'] % 5 === 0 ? 10 : 5 }}"/>
                @if ($tick['cm'] % 5 === 0)
                    <text x="{{ $left - $wall - 39 }}" y="{{ $tick['y'] + 4 }}" text-anchor="end">{{ $say->digits($tick['cm']) }}</text>
                @endif
            @endforeach
            <text x="{{ $left - $wall - 24 }}" y="{{ $rim - 8 }}" text-anchor="end">{{ $t('pages/drawings.cm-2') }}</text>
        </g>
    @endif

    @foreach ($layers as [$number, $drawn])
        <g class="matter {{ $drawn['layer']->matter->value }}" @if ($number !== null) data-layer="{{ $number }}" tabindex="0" role="button"
            aria-label="{{ $t('pages/drawings.layer-from-the-base-arrows-move', number: $number + 1, drawn: $drawn['layer']->label) }}"
                @endif>
            @if ($drawn['layer']->matter->value === 'crust')<path class="body" d="{{ $drawn['outline'] }}" @if ($drawing->crust() !== null)
                fill="{{
                $drawing->crust() }}" @endif/>@endif
            <path class="hatched" d="{{ $drawn['outline'] }}" fill="url(#{{ $hatches->use($drawn['hatch']) }})"/>
            @if ($drawn['over'] !== null)<path d="{{ $drawn['over']['outline'] }}" fill="url(#{{ $hatches->use($drawn['over']['hatch'])
                }})"/>@endif
        </g>
    @endforeach

    @if ($drawing->torn() !== null)<path class="torn" d="{{ $drawing->torn() }}"/>@endif
    @if ($drawing->onTop() !== null)<path class="on-top" d="{{ $drawing->onTop() }}"><title>{{ $t('pages/drawings.in-one-place-on-the-rice')
        }}</title></path>@endif
    @if ($drawing->poured() !== null)<path class="poured" d="{{ $drawing->poured() }}"/>@endif
    @if ($drawing->holes() !== [])<path class="hole" d="{{ implode('', array_map(fn ($x) => 'M'.($x -
        3).','.$drawing->surface($x).'V'.($base - 6).'M'.($x + 3).','.$drawing->surface($x).'V'.($base - 6), $drawing->holes())) }}"/>@endif

    <path class="fat" d="M{{ $left + 2 }},{{ $base - 1.5 }}H{{ $right - 2 }}"/>
    <path class="steam" d="{{ $drawing->steam() }}"/>

    @if ($labels)
        <g class="mark {{ $plan->potted->first()->section->isTooFull() ? 'broken' : 'kept' }}">
            <path d="M{{ $left + 3 }},{{ $drawing->markY() }}h14M{{ $right - 17 }},{{ $drawing->markY() }}h14"/>
            <text x="{{ $right - 4 }}" y="{{ $drawing->markY() - 5 }}" text-anchor="end">{{ $t('pages/drawings.free-cm', isPast:
                $drawing->pastRimCm() > 0, past: number_format($drawing->pastRimCm(), 1), free: $free, isKept: !
                $plan->potted->first()->section->isTooFull()) }}</text>
        </g>
    @endif

    {{-- The pot's wall, its handles and lid. --}}
    <path class="pot-wall" stroke-width="{{ $wall }}" d="M{{ $left - $wall / 2 }},{{ $rim }}V{{ $base - 8 }}q0,{{ 8 + $wall / 2 }} 10,{{ 8 +
        $wall / 2 }}H{{ $right - 10 + $wall / 2 }}q10,0 10,-{{ 8 + $wall / 2 }}V{{ $rim }}"/>
    <path class="pot-handle" d="M{{ $left - $wall }},{{ $rim + 26 }}h-18q-10,0 -10,10t10,10h18M{{ $right + $wall }},{{ $rim + 26
        }}h18q10,0 10,10t-10,10h-18"/>
    <path class="pot-lid" d="M{{ $left - $wall - 4 }},{{ $rim - 9 }}Q{{ $drawing->middle() }},{{ $rim - 9 - $drawing->half() * 0.24 }} {{
        $right + $wall + 4 }},{{ $rim - 9 }}Z"/>
    <path class="pot-knob" d="M{{ $drawing->middle() - 14 }},{{ $rim - 10 - $drawing->half() * 0.12 }}v-7q0,-8 8,-8h12q8,0 8,8v7"/>
    @foreach ($plan->dish->lid->seal->drawn as $part)
        @include("components.drawing.seal.{$part}")
    @endforeach

    @if ($onPlate())
        <path class="plate" d="M{{ $left + 20 }},{{ $base + $wall + 7 }}H{{ $right - 20 }}"/>
    @endif
    @if (Orbek\Core\Lid\HeatLine::usesOven($plan->potted->first()->line()))
        {{-- On the rack of an oven: heat from all round, no flame. --}}
        <g class="in-oven">
            <path class="ring" d="M{{ $left - $wall - 22 }},{{ $base + $wall + 5 }}H{{ $right + $wall + 22 }}@for ($x = $left - $wall - 12;
                $x < $right + $wall + 18; $x += 16)M{{ $x }},{{ $base + $wall + 5 }}v7 @endfor"/>
            @foreach ([0.2, 0.5, 0.8] as $share)<path d="M{{ round($left + ($right - $left) * $share, 1) - 20 }},{{
                $base + $wall + 24 }}q10,-8 20,0t20,0"/>@endforeach
        </g>
    @elseif ($plan->pot()->cooker !== null)
        {{-- A cooker's own plate and foot. --}}
        <path class="ring" d="M{{ $left + 14 }},{{ $base + $wall + 6 }}H{{ $right - 14 }}M{{ $left - $wall - 6 }},{{ $rim + 30 }}V{{ $base +
            $wall + 18 }}q0,8 8,8H{{ $right + $wall - 2 }}q8,0 8,-8V{{ $rim + 30 }}"/>
    @else
    <g class="flames">
        <path d="{{ implode('', array_map(fn ($x) => 'M'.$x.','.($base + $wall + 12).'q5,9 0,16q-5,-7 0,-16', $drawing->flames())) }}"/>
        <path class="ring" d="M{{ $left + 30 }},{{ $base + $wall + 32 }}H{{ $right - 30 }}"/>
    </g>
    @endif

    @if ($labels)
        <g class="labels">
            @foreach ($layers as [, $drawn])
                <path class="leader" d="M{{ $right + $wall + 3 + $drawn['labelX'] }},{{ $drawn['labelY'] }}h8"/>
                <text x="{{ $right + $wall + 13 + $drawn['labelX'] }}" y="{{ $drawn['labelY'] - 2 }}">{{
                    Str::limit($say($drawn['layer']->label), 18)
                    }}</text>
                <text class="strong" x="{{ $right + $wall + 13 + $drawn['labelX'] }}" y="{{ $drawn['labelY'] + 14 }}">{{
                    $say->amount(Orbek\Core\Measure\Quantity::grams($drawn['layer']->mass->inGrams())) }}</text>
            @endforeach
        </g>
    @endif
</svg>
