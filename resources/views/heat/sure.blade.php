@if ($sure === null)
    <p>{{ $t('pages/heat.something-clashes-see-what-stands-above') }}</p>
@else
    <h3>{{ $t('pages/heat.how-sure') }}</h3>
    <p>{{ $th('pages/heat.the-same-plan-in-kitchens-like', of: Orbek\Core\Heat\HowSure::KITCHENS, right: $sure->right) }}</p>
    <p>{{ $th('pages/heat.how-sure-it-is', colours: $sure->colours->words(), steams: $sure->steamFromMin !== null, from: (int)
        round($sure->steamFromMin ?? 0), to: (int) round($sure->steamToMin ?? 0)) }}</p>
    <svg class="drawing band" viewBox="0 0 446 64" width="446" height="64" role="img" aria-label="{{
        $t('pages/heat.browning-over-the-minutes-in-eight', colours: $say($sure->colours->words())) }}">
        <path class="spread" d="M{{ collect($sure->browning)->map(fn ($p) => $x($p['minute']).','.$y($p['high']))->implode('L') }}L{{
            collect($sure->browning)->reverse()->map(fn ($p) => $x($p['minute']).','.$y($p['low']))->implode('L') }}Z"/>
        @foreach ($lines as $name => $b)<path class="rule" d="M4,{{ $y($b) }}H442"/><text class="small" x="6"
            y="{{ $y($b) - 3 }}">{{ $t('pages/heat.from-here', name: $name) }}</text>@endforeach
    </svg>
    <ul class="amounts">@foreach ($sure->words() as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
