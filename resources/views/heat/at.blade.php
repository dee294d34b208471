@php
    $said = collect($moment->layers)->map(fn ($state) => match ($state->matter->value) {
        'rice' => 'rice '.round(100 * $state->doneness).' % done',
        'filling' => 'filling '.round($state->coreC).' °C',
        default => null,
    })->filter()->implode('; ');
@endphp
<div data-picture><x-drawing.pot :$plan :$moment touch /></div>
<p data-words>Minute {{ round($moment->minute) }}: base face {{ round($moment->faceC) }} °C, top {{ round($moment->topC) }} °C, crust {{ $say->label($moment->colour()) }}; {{ $said }}; {{ round($moment->leakG) }} g of steam lost.</p>
<x-drawing.hatches />
