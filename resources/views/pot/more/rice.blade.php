<div class="soaked">
    <svg class="drawing grain" viewBox="-52 -52 104 104" width="84" height="84" role="img" aria-label="A soaked grain, {{ round(100 * $full)
        }} % full of water">
        <circle class="ring" r="48"/><circle class="wet" r="{{ round(24 * (1 + sqrt(1 - $full)), 1) }}" stroke-width="{{ round(48 * (1 -
            sqrt(1 - $full)), 1) }}"/><circle class="rim" r="48"/>
    </svg>
    <p class="small">{{ $say->first($d->grain->rice->soak->words()) }} the grain is {{ round(100 * $full) }} % full: it goes in weighing {{
        number_format(Orbek\Core\Rice\Uptake::of($kind, $d->grain->rice->soak)->soaked, 2) }} times its raw weight, and the boil is {{
            round(100 *
        $kind->soakGain() * $full) }} % shorter.</p>
</div>
<x-amounts :ingredients="$parts[$station->value] ?? []" />
