{{-- A photograph of grains under glass, each outlined; one that is no single grain is tapped out. --}}
@if (($reading = $photograph->read()) !== null)
<figure class="under-glass">
    <svg viewBox="0 0 {{ $photograph->width }} {{ $photograph->height }}" role="group" aria-label="{{
        $t('pages/glass.grains-outlined', grains: count($reading->grains)) }}" data-grains="{{ route('photograph.grain', $photograph)
        }}">
        <image href="{{ route('photograph', $photograph) }}" width="{{ $photograph->width }}" height="{{ $photograph->height }}" />
        @foreach ($reading->grains as $index => $grain)<polygon class="{{ $grain['used'] ? 'counts' : 'out' }} {{
            $grain['sees'] ? '' : 'none' }}" points="{{ collect($grain['outline'])->map(fn ($point) =>
            round($point[0] * $photograph->width).','.round($point[1] * $photograph->height))->implode(' ') }}"
            data-grain="{{ $index }}" data-counts="{{ $grain['used'] ? 0 : 1 }}" role="button" tabindex="0"
            aria-pressed="{{ $grain['used'] ? 'true' : 'false' }}" aria-label="{{ $t('pages/glass.one-grain', number: $index + 1,
            percent: (int) round(100 * $grain['doneness']), sees: $grain['sees']) }}" />@endforeach
    </svg>
    <figcaption>
        @if ($reading->seesHearts())<p>{{ $th('pages/glass.read', percent:
            (int) round(100 * $reading->doneness), sure: max(1, (int) round(100 * $reading->giveOrTake())),
            scatter: (int) round(100 * $reading->scatter), grains: $reading->used(), out: count($reading->grains) - $reading->used())
            }}</p>@endif
        <p>{{ $t('pages/glass.without-heart', none: $reading->withoutHeart(), grains: $reading->used(), isDone: $reading->isDone(),
            isAll: ! $reading->seesHearts()) }}</p>
        <p class="small">{{ $t('pages/glass.tap-out') }}</p>
        <output class="small" data-grain-says aria-live="polite"></output>
    </figcaption>
</figure>
@endif
