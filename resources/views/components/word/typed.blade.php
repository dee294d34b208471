@props(['name', 'label', 'value', 'min', 'max', 'step' => 'any', 'else' => ''])
<input class="word number" type="number" inputmode="decimal" name="{{ $name }}" aria-label="{{ $label }}" value="{{ $value }}" min="{{ $min
    }}" max="{{ $max }}" step="{{ $step }}" placeholder="{{ $else }}" autocomplete="off">