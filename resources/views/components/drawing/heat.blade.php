<svg class="drawing heat" viewBox="0 0 {{ $width }} 268" width="{{ $width }}" height="268" role="{{ $touch ? 'group' : 'img' }}"
    data-px-per-min="{{ round($drawing->pxPerMin(), 4) }}" data-high="{{ $drawing->high() }}" data-plate="{{
    array_key_first($kitchen->equipment->plates) }}">
    <title>{{ $t('pages/drawings.heat-under-the-lid', told: $told()) }}@if ($course !== null) {{ $t('pages/drawings.steam-and-crust', never:
        $steam === null, minutes: (int) round($steam ?? 0), colour: $course->colour()) }}@endif</title>
    @if ($course !== null)
        <text class="small" x="{{ App\Drawings\HeatDrawing::LEFT - 8 }}" y="12" text-anchor="end">{{ $say->reading()->degrees->sign()
            }}</text>
        @foreach ($drawing->degrees() as $celsius)
            <path class="rule" d="M{{ App\Drawings\HeatDrawing::LEFT }},{{ $drawing->y($celsius) }}H{{ $drawing->x($end) }}"/>
            <text class="small" x="{{ App\Drawings\HeatDrawing::LEFT - 8 }}" y="{{ $drawing->y($celsius) + 4 }}" text-anchor="end">{{
                $say->digits((string) round($say->reading()->degrees($celsius))) }}</text>
        @endforeach
        <path class="curve core" d="{{ $drawing->core() }}"/>
        <path class="curve top" d="{{ $drawing->top() }}"/>
        <path class="curve base" d="{{ $drawing->base() }}"/>
        @foreach ($probes as $name => $points)
            <g><title>{{ $name !== '' ? $name : $t('pages/drawings.probe') }}</title>@foreach ($points as [$minute,
                $celsius])@if ($loop->parent->first)<circle
                class="probe" cx="{{ $drawing->x($minute) }}" cy="{{ $drawing->y($celsius) }}" r="2.2"/>@else<path class="probe" d="M{{
                $drawing->x($minute) - 2.4 }},{{ $drawing->y($celsius) + 2 }}h4.8l-2.4,-4.4z"/>@endif @endforeach</g>
        @endforeach
        <text class="name base" x="{{ $drawing->x($end * 0.3) }}" y="{{ max(14, $drawing->y($faceC()) - 7) }}">{{
            $t('pages/drawings.base-face') }}</text>
        <text class="name top" x="{{ $drawing->x($end * 0.62) }}" y="{{ min(124, $drawing->y($course->at($end * 0.62)->topC) + 17) }}">{{
            $t('pages/drawings.top-of-the-rice') }}</text>
        @if ($drawing->core() !== '')<text class="name core" x="{{ $drawing->x($end * 0.9) }}" y="{{ min(124, $drawing->y($course->at($end *
            0.9)->topC) + 17) }}">{{ $t('pages/drawings.filling') }}</text>@endif
        @if ($steam !== null)
            <path class="steam-at" d="M{{ $drawing->x($steam) }},{{ $drawing->plotTop() }}V{{ $drawing->plotBottom() }}"/>
            <text class="name top" x="{{ $drawing->steamNameX($steam, $steamName(), $now) }}" y="{{ $drawing->plotBottom() - 4 }}">{{
                $steamName() }}</text>
        @endif
        <linearGradient id="{{ $shades() }}">@foreach ($drawing->stops() as $stop)<stop offset="{{ $stop['at'] }}%" stop-color="{{
            $stop['colour']
            }}"/>@endforeach</linearGradient>
        <text class="small" x="{{ App\Drawings\HeatDrawing::LEFT - 6 }}" y="{{ $drawing->stripTop() + 12 }}" text-anchor="end">{{
            $t('pages/drawings.crust') }}</text>
        <rect class="strip" x="{{ App\Drawings\HeatDrawing::LEFT }}" y="{{ $drawing->stripTop() }}" width="{{ $drawing->x($end) -
            App\Drawings\HeatDrawing::LEFT }}" height="16" fill="url(#{{ $shades() }})"/>
        @if ($colours !== null && $colours->low !== $colours->high)<text class="small" x="{{ $drawing->x($end) }}" y="{{
            $drawing->stripTop() + 29 }}" text-anchor="end">{{ $say($colours->words()) }}</text>@endif
        @foreach ($drawing->colours($now) as $label)<text @class(['shade', 'on-dark' => $label['dark']]) x="{{ $label['x'] }}" y="{{
            $drawing->stripTop() + 12.5 }}">{{ $label['label'] }}</text>@endforeach
    @endif
    @foreach ($drawing->stretches() as $b)
        <g @if ($touch) data-block="{{ $b['index'] }}" data-minutes="{{ round($b['stretch']->minutes, 1) }}" data-setting="{{ round(100 *
            $b['stretch']->flame->setting) }}" data-settings="{{ implode(' ', $drawing->settings($b['stretch'])) }}" data-plate="{{
            $b['stretch']->flame->plate?->id }}" tabindex="0" role="button" aria-label="{{
                $t('pages/drawings.stretch-min-arrows-change-minutes', index: $b['index'] + 1, minutes: round($b['stretch']->minutes, 1),
                full: $b['full']) }}" @endif>
            <rect class="block {{ $b['stretch']->isRest() ? 'rest' : '' }}" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}"
                height="{{ $b['height'] }}"/>
            @if ($b['stretch']->flame->plate !== null)<path class="on-plate" d="M{{ $b['x'] + 2 }},{{ $drawing->floor() + 3 }}H{{ $b['x'] +
                $b['width'] - 2 }}"/>@endif
            @if ($touch)<rect class="touch" x="{{ $b['x'] }}" y="{{ $drawing->floor() - $drawing->high() - 12 }}" width="{{ $b['width'] }}"
                height="{{ $drawing->high() + 16 }}"/><rect class="grip" x="{{ $b['x'] + $b['width'] - 7 }}" y="{{ $drawing->floor() -
                $drawing->high() - 12 }}" width="10" height="{{ $drawing->high() + 16 }}"/>@endif
            <text class="strong" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] - 5 }}" text-anchor="middle">{{ $b['label'] }}</text>
        </g>
        <path class="tick" d="M{{ $b['x'] }},{{ $drawing->floor() }}v6"/>
        @if ($loop->first || in_array($b['index'], $drawing->ticked(), true))<text class="small" x="{{ $b['x'] }}"
            y="{{ $drawing->floor() + 20 }}" text-anchor="{{ $loop->first ? 'start' : 'middle' }}">{{ $t('pages/drawings.strip-tick',
                isFirst: $loop->first, at: $time(0), minutes: (int) round($b['from'])) }}</text>@endif
    @endforeach
    <path class="axis" d="M{{ App\Drawings\HeatDrawing::LEFT }},{{ $drawing->floor() }}H{{ $drawing->x($end) }}"/>
    <path class="tick" d="M{{ $drawing->x($end) }},{{ $drawing->floor() }}v6"/>
    <text class="small" x="{{ $drawing->x($end) }}" y="{{ $drawing->floor() + 20 }}" text-anchor="end">{{ $time($end) }}</text>
    @if ($now !== null)<g class="here"><path d="M{{ $drawing->x($now) }},{{ $drawing->plotTop() - 6 }}V{{ $drawing->floor() + 4 }}"/><text
        class="strong" x="{{ min(max($drawing->x($now), App\Drawings\HeatDrawing::LEFT + 46), $width - 40) }}"
        y="{{ $drawing->plotTop() - 9 }}" text-anchor="middle">{{ $t('pages/drawings.you-are-here') }}</text></g>@endif
    <path class="slid" d="M0,{{ $drawing->plotTop() }}V{{ $drawing->floor() }}" visibility="hidden"/>
</svg>
