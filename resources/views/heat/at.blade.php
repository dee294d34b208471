@php
    $said = collect($moment->layers)->map(fn ($state) => match ($state->matter->value) {
        'rice' => 'rice '.round(100 * $state->doneness).' % done',
        'filling' => 'filling '.$say->degrees($state->coreC),
        default => null,
    })->filter()->implode('; ');
@endphp
<div data-picture><x-drawing.pot :$plan :$moment touch /></div>
<p data-words>Minute {{ round($moment->minute) }}: base face {{ $say->degrees($moment->faceC) }}, top {{ $say->degrees($moment->topC) }},
    crust {{ $say->label($moment->colour()) }}; {{ $said }}; {{ round($moment->leakG) }} g of steam lost.</p>
<x-drawing.hatches />
