@if ($spoonful !== null)
    <p>{{ $boilsAgain ? 'The water boils.' : 'The water does not boil again yet.' }} One grain between thumb and finger, and a spoonful on
        glass:</p>
    <div class="felt-grains"><x-drawing.spoonful :$spoonful :form="Orbek\Core\Drill\Form::Pressed" /><x-drawing.spoonful :$spoonful
        :form="Orbek\Core\Drill\Form::Plates" /></div>
    <p>{{ $say->label(Orbek\Core\Rice\Stage::at($spoonful->doneness), 'bitten') }}</p>
@elseif ($lid !== null)
    <p>@foreach ($lid as $cue => $isFelt){{ $isFelt ? $cues[$cue]->felt : $cues[$cue]->notFelt ?? '' }} @endforeach</p>
@else
    <p>Nothing to feel just now.</p>
@endif
