{{-- Taken or chosen, it is sent at once: the page below may be drawn anew at any moment. --}}
@unless ($cook instanceof App\Models\Cook && $cook->practice !== null)
<form method="post" action="{{ $home }}/photographs" enctype="multipart/form-data" class="photograph-form" data-leaves>
    @csrf
    <input type="hidden" name="shows" value="{{ $shows->value }}">
    <label>Photograph {{ $shows->words() }} <input name="picture" type="file" accept="image/*" required data-sends></label>
    <noscript><button class="quiet">Keep it</button></noscript>
</form>
@endunless
