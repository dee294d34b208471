<div data-picture><x-drawing.pot :$plan :$moment touch /></div>
<p data-words>Minute {{ round($moment->minute) }}: base face {{ $say->degrees($moment->faceC) }}, top {{ $say->degrees($moment->topC) }},
    crust {{ $say->label($moment->colour()) }}; {{ $said }}; {{ round($moment->leakG) }} g of steam lost.</p>
<x-drawing.hatches />
