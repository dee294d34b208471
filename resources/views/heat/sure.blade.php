@if ($sure === null)
    <p>Something clashes: see what stands above, and Layers. Once it is mended, this is counted.</p>
@else
    <h3>How sure this is</h3>
    <p>The same plan in {{ Orbek\Core\Heat\HowSure::KITCHENS }} kitchens like yours: right in <strong>{{ $sure->right }}</strong>.</p>
    <p>Over what is not known of ring, bag and filling, the crust comes out <strong>{{ $say($sure->colours->words()) }}</strong> in eight of
        ten pots{{ $sure->steamFromMin === null ? '; steam never reaches the lid' : sprintf(', steam at the lid between %d and %d min',
        round($sure->steamFromMin), round($sure->steamToMin)) }}.</p>
    <svg class="drawing band" viewBox="0 0 446 64" width="446" height="64" role="img" aria-label="Browning over the minutes, {{
        $say($sure->colours->words()) }} in eight of ten pots">
        <path class="spread" d="M{{ collect($sure->browning)->map(fn ($p) => $x($p['minute']).','.$y($p['high']))->implode('L') }}L{{
            collect($sure->browning)->reverse()->map(fn ($p) => $x($p['minute']).','.$y($p['low']))->implode('L') }}Z"/>
        @foreach ($lines as $name => $b)<path class="rule" d="M4,{{ $y($b) }}H442"/><text class="small" x="6"
            y="{{ $y($b) - 3 }}">{{ $name }} from here</text>@endforeach
    </svg>
    <ul class="amounts">@foreach ($sure->words() as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
