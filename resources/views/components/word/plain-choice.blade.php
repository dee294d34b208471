@props(['name', 'options', 'value', 'label'])
<select class="word choice" id="{{ $name }}" name="{{ $name }}" aria-label="{{ $label }}" autocomplete="off">
    @foreach ($options as $key => $text)
        <option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ $text }}</option>
    @endforeach
</select>