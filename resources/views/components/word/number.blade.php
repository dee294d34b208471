@props(['path', 'value', 'label', 'min', 'max', 'step' => 1, 'type' => 'number'])
<input class="word number" type="number" inputmode="decimal" id="{{ Str::slug($path) }}" data-path="{{ $path }}" data-type="{{ $type }}"
    aria-label="{{ $label }}" value="{{ $value }}" min="{{ $min }}" max="{{ $max }}" step="{{ $step }}" size="{{ max(1, strlen((string)
    $value)) }}" required>