@props(['path', 'value', 'label', 'min', 'max', 'step' => 1])
{{-- A number that need not be told. --}}
<input class="word number" type="number" inputmode="decimal" id="{{ Str::slug($path) }}" data-path="{{ $path }}" data-type="optional-number"
    aria-label="{{ $label }}" value="{{ $value }}" min="{{ $min }}" max="{{ $max }}" step="{{ $step }}" size="{{ max(2, strlen((string)
    $value)) }}" placeholder="–">
