<div data-picture><x-drawing.pot :$plan :$moment touch /></div>
<p data-words>{{ $t('pages/heat.minute-base-face-top-crust-g', minute: round($moment->minute), faceC: $say->degrees($moment->faceC), topC:
    $say->degrees($moment->topC), colour: $say->label($moment->colour()), said: $said, leakG: round($moment->leakG)) }}</p>
<x-drawing.hatches />
