@props(['path', 'value', 'label', 'else' => null])
{{-- Where there is something else to stand for nothing, it may be left empty. --}}
<input class="word text" type="text" id="{{ Str::slug($path) }}" data-path="{{ $path }}" data-type="{{ $else === null ? 'text' :
    'optional' }}" aria-label="{{ $label }}" value="{{ $value }}" maxlength="80" placeholder="{{ $else }}" autocomplete="off"
    @required($else === null)>