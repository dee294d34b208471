{{-- Taken or chosen, it is sent at once, or kept in the browser till it can be: the page stays as it is. --}}
@unless ($cook instanceof App\Models\Cook && $cook->practice !== null)
<form method="post" action="{{ $home }}/photographs" enctype="multipart/form-data" class="photograph-form" data-leaves>
    @csrf
    <input type="hidden" name="shows" value="{{ $shows->value }}">
    <label>{{ $t('pages/stove.photograph', shows: $t('pages/notebook.shows', shows: $shows->value)) }} <input name="picture" type="file"
        accept="image/*" required
        data-sends></label>
    <output data-kept aria-live="polite"></output>
    <noscript><button class="quiet">{{ $t('pages/stove.keep-it') }}</button></noscript>
</form>
@endunless
