@props(['spoonful', 'form', 'stage' => null])
{{-- Drawn on canvas from the model's own grains; told to a screen reader by what is seen or felt, not by its name. --}}
@php
    use Orbek\Core\Drill\Form;
    $stage ??= Orbek\Core\Rice\Stage::at($spoonful->doneness);
    $count = count($spoonful->grains);
    $pieces = ['snaps' => 'It cracks in two, dry.', 'half' => 'It flattens a little and stops: the middle is hard.', 'rises' =>
        'It flattens, the middle stands against the finger.', 'breaks' => 'It parts in pieces.', 'thread' =>
        'It flattens, with a thread to feel along it.', 'point' => 'It flattens, with one speck to feel.', 'done' =>
        'It smears.'][$stage->value];
    $told = match ($form) {
        Form::Plates => $count.' grains between two glass plates; '.$spoonful->hearts().' have a white heart'.($spoonful->hearts() === 0 ?
            '' : ', in the middle one '.round(100 * $spoonful->heartShare()).' % as wide as the grain'),
        Form::Pot => 'The boil from above: '.$spoonful->ridingUp().' of '.$count.' grains ride at the surface',
        Form::Pressed => 'One grain pressed between thumb and finger. '.$pieces,
        Form::Bitten => $say->text($say->label($stage, 'bitten')),
    };
@endphp
@if ($form === Form::Bitten)
    <p class="bitten">{{ $told }}</p>
@else
    <canvas class="spoonful" width="440" height="300" role="img" aria-label="{{ $told }}" data-spoonful="{{ $form->value }}"
        data-doneness="{{ round($spoonful->doneness, 3) }}" data-grains="{{ json_encode(array_map(fn ($grain) => [$grain['x'], $grain['y'],
        $grain['turn'], $grain['long'], $grain['thick'], $grain['heart'], (int) $grain['up'], (int) $grain['glass'], (int) $grain['split'],
        $grain['parts']], $spoonful->grains)) }}">{{ $told }}</canvas>
@endif
