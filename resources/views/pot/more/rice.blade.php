<div class="soaked">
    <svg class="drawing grain" viewBox="-52 -52 104 104" width="84" height="84" role="img" aria-label="{{
        $t('pages/pot-more.a-soaked-grain-full-of-water', full: round(100 * $full)) }}">
        <circle class="ring" r="48"/><circle class="wet" r="{{ round(24 * (1 + sqrt(1 - $full)), 1) }}" stroke-width="{{ round(48 * (1 -
            sqrt(1 - $full)), 1) }}"/><circle class="rim" r="48"/>
    </svg>
    <p class="small">{{ $t('pages/pot-more.the-grain-is-full-it-goes', soak: $say->first($d->grain->rice->soak->words()), full: round(100 *
        $full), soaked: number_format(Orbek\Core\Rice\Uptake::of($kind, $d->grain->rice->soak)->soaked, 2), likely: round(100 *
        $kind->soakGain() * $full)) }}</p>
</div>
<x-amounts :ingredients="$parts[$station->value] ?? []" />
