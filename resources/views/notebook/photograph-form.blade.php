@php $of = 'shows-'.$cook->id; @endphp
<form method="post" action="{{ route('photographs.keep', $cook) }}" enctype="multipart/form-data" class="photograph-form">
    @csrf
    <label for="{{ $of }}">A photograph of</label>
    <select id="{{ $of }}" name="shows" class="word">@foreach (App\Models\Shows::cases() as $one)<option value="{{ $one->value }}"
        @selected($one === $shows)>{{ $one->words() }}</option>@endforeach</select>
    <input name="picture" type="file" accept="image/*" required aria-label="The photograph">
    <button class="quiet">Keep it</button>
</form>
