@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence"><x-sentence says="pages/begin.sentence-bag">
            <x-slot:kind><x-word.picked :name="$row->in.'[kind]'" :label="$t('pages/begin.kind-of-rice', which: $row->which)"
                :options="$say->options(Orbek\Core\Rice\RiceKind::cases())" :value="$row->of('kind', 'aged-basmati')" /></x-slot>
            <x-slot:kg><x-word.typed :name="$row->in.'[kg]'" :label="$t('pages/begin.kilograms-left', which: $row->which)"
                :value="$row->of('kg')" min="0.01" max="100" step="any" else="–" /></x-slot>
            <x-slot:name><input class="word" name="{{ $row->in }}[name]" maxlength="300" aria-label="{{
                $t('pages/begin.what-it-is-called', which: $row->which) }}" value="{{ $row->of('name') }}"
                placeholder="{{ $t('pages/begin.by-its-kind') }}" autocomplete="off"></x-slot>
        </x-sentence>
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="{{
                $t('pages/begin.take-away', which: $row->which) }}" formnovalidate>{{ $t('pages/begin.not-this-one') }}</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>{{ $t('pages/begin.another-bag') }}</button>
