@props(['path', 'options', 'value', 'label', 'type' => 'text'])
<select class="word choice" id="{{ Str::slug($path) }}" data-path="{{ $path }}" data-type="{{ $type }}" aria-label="{{ $label }}"
    autocomplete="off">
    @foreach ($options as $key => $text)
        <option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ $text }}</option>
    @endforeach
</select>