@props(['path', 'value', 'label'])
<input class="word moment" type="datetime-local" id="{{ Str::slug($path) }}" data-path="{{ $path }}" data-type="text" aria-label="{{ $label }}" value="{{ $value }}" required>
