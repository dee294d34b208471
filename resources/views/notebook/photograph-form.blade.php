<form method="post" action="{{ route('photographs.keep', $cook) }}" enctype="multipart/form-data" class="photograph-form">
    @csrf
    <label for="shows-{{ $cook->id }}">A photograph of</label>
    <select id="shows-{{ $cook->id }}" name="shows" class="word">@foreach (App\Models\Shows::cases() as $one)<option value="{{ $one->value
        }}"
        @selected($one === $shows)>{{ $one->words() }}</option>@endforeach</select>
    <input name="picture" type="file" accept="image/*" required aria-label="The photograph">
    <button class="quiet">Keep it</button>
</form>
