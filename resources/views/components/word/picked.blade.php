@props(['name', 'label', 'options', 'value'])
<select class="word choice" name="{{ $name }}" aria-label="{{ $label }}">@foreach ($options as $key => $shown)<option value="{{ $key }}"
    @selected((string) $value === (string) $key)>{{ $shown }}</option>@endforeach</select>