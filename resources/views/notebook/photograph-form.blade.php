<form method="post" action="{{ route('photographs.keep', $cook) }}" enctype="multipart/form-data" class="photograph-form">
    @csrf
    <label for="shows-{{ $cook->id }}">{{ $t('pages/notebook.a-photograph') }}</label>
    <select id="shows-{{ $cook->id }}" name="shows" class="word">@foreach (App\Models\Shows::later() as $one)<option value="{{ $one->value
        }}"
        @selected($one === $shows)>{{ $t('pages/notebook.shows', shows: $one->value) }}</option>@endforeach</select>
    <input name="picture" type="file" accept="image/*" required aria-label="{{ $t('pages/notebook.the-photograph') }}">
    <button class="quiet">{{ $t('pages/notebook.keep-it') }}</button>
</form>
