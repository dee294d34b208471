@props(['name', 'value', 'label', 'min', 'max'])
<input class="word number" type="number" inputmode="decimal" id="{{ $name }}" name="{{ $name }}" aria-label="{{ $label }}" value="{{ $value
    }}" min="{{ $min }}" max="{{ $max }}" step="any" size="{{ max(1, strlen((string) $value)) }}" required>