{{-- Drawn on canvas from the model's own grains; told to a screen reader by what is seen or felt, not by its name. --}}
@if ($isBitten())
    <p class="bitten">{{ $told() }}</p>
@else
    <canvas class="spoonful" width="440" height="300" role="img" aria-label="{{ $told() }}" data-spoonful="{{ $form->value }}"
        data-doneness="{{ round($spoonful->doneness, 3) }}" data-grains="{{ json_encode($drawn()) }}">{{ $told() }}</canvas>
@endif
