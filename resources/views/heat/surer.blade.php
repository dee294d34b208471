@forelse ($mends as $mend)
    <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label }}</button>
@empty
    <p class="small">{{ $t('pages/heat.no-one-change-makes-it-surer') }}</p>
@endforelse
