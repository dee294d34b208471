@if ($spoonful !== null)
    <p>{{ $t('pages/stove.boils-again-or-not', boils: $boilsAgain) }}</p>
    <div class="felt-grains"><x-drawing.spoonful :$spoonful :form="Orbek\Core\Drill\Form::Pressed" /><x-drawing.spoonful :$spoonful
        :form="Orbek\Core\Drill\Form::Plates" /></div>
    <p>{{ $say->label(Orbek\Core\Rice\Stage::at($spoonful->doneness), 'bitten') }}</p>
@elseif ($lid !== null)
    <p>@foreach ($lid as $cue => $isFelt){{ $isFelt ? $cues[$cue]->felt : $cues[$cue]->notFelt ?? '' }} @endforeach</p>
@else
    <p>{{ $t('pages/stove.nothing-to-feel-just-now') }}</p>
@endif
