@forelse ($mends as $mend)
    <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label }}</button>
@empty
    <p class="small">No one change that was tried mends it: try another pot, fewer eaters in it, or two changes at once.</p>
@endforelse
