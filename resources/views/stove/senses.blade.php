@if ($spoonful !== null)
    <p>{{ $boilsAgain ? 'The water boils.' : 'The water does not boil again yet.' }} One grain between thumb and finger, and a spoonful on
        glass:</p>
    <div class="felt-grains"><x-drawing.spoonful :$spoonful :form="Orbek\Core\Drill\Form::Pressed" /><x-drawing.spoonful :$spoonful
        :form="Orbek\Core\Drill\Form::Plates" /></div>
    <p>{{ $say->label(Orbek\Core\Rice\Stage::at($spoonful->doneness), 'bitten') }}</p>
@elseif ($lid !== null)
    <p>{{ $lid['steam'] ? 'Steam meets the lid.' : ($lid['hot'] ? 'No steam at the lid; the lid is too hot to hold.' :
        'No steam at the lid; it can be touched.') }} {{ $lid['toasted'] ? 'It smells toasted.' : 'Nothing smells toasted.' }}</p>
@else
    <p>Nothing to feel just now.</p>
@endif
