{{-- The pot at hand: its base before it is filled, or what stands on the plate once it is turned over. --}}
<div class="drawn-in"><svg class="filling-up" viewBox="0 0 {{ $inPot->width() }} {{ $inPot->height() }}" role="img"
    aria-label="{{ $isTurned ? $t('pages/stove.turned-out-the-crust-on-top') : $t('pages/stove.the-pot-in-section-fat-over') }}">
    @if ($isTurned)
        <g transform="translate(0 {{ $inPot->turnedBy() }}) scale(1 -1)">
            @foreach ($of->plan()->potted->first()->section->layers as $at => $layer)
                <path class="in of-{{ $layer->matter->value }}" d="{{ $inPot->layer($at) }}"/>
            @endforeach
        </g>
        <path class="wall" d="M40,{{ $inPot->height() - 3 }}H{{ $inPot->width() - 40 }}"/>
    @else
        <path class="wall" d="{{ $inPot->pot() }}"/>
        <path class="fat" d="{{ $inPot->base() }}"/>
    @endif
</svg></div>
