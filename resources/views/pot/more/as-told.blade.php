{{-- What the cook's own recipe says, set against what is forecast. --}}
<p class="as-told">{{ $say->text($told->says) }}@if ($told->mend !== null) <button type="button" class="small-button" data-mend
    data-path="{{ $told->mend->path }}" data-value='@json($told->mend->value)'>{{ $say->first($told->mend->label) }}</button>@endif</p>
