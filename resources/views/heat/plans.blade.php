@if ($plans === null)
    <p>The food does not go into this pot: see Layers.</p>
@else
    <h3>Heat plans found</h3>
    @foreach (['best' => 'Best', 'quicker' => 'Quicker', 'safer' => 'Safer against burning'] as $key => $title)
        @php $found = $plans[$key]; @endphp
        @if ($found !== null)
            <div class="heat-plan">
                <p><strong>{{ $title }}</strong>: {{ $found->words() }}; {{ round($found->minutes()) }} min, crust {{ Orbek\Core\Lid\CrustColour::of($found->browning)->label() }}@if (! $found->isMet()), but not all as it should be @endif</p>
                <button type="button" class="mend" data-mend data-path="heat:take" data-value='@json($found->toArray())' aria-label="Take it: {{ $title }}">Take it</button>
                <details><summary>How near each limit is</summary><ul class="amounts">@foreach ($found->limits as $limit)<li @class(['missed' => ! $limit->isMet()])>{{ $limit->words() }}{{ $limit->isMet() ? '' : ': missed' }}</li>@endforeach</ul></details>
            </div>
        @endif
    @endforeach
    @if ($plans['quicker'] === null)<p class="small">Nothing quicker comes near being done.</p>@endif
    @if ($plans['safer'] === null)<p class="small">Nothing found is safer against burning than the best.</p>@endif
    <p class="small">The school's own line: {{ round($plans['stock']->minutes()) }} min, crust {{ Orbek\Core\Lid\CrustColour::of($plans['stock']->browning)->label() }}.</p>
@endif
