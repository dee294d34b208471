@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence"><x-sentence says="pages/begin.sentence-ring">
            <x-slot:size><x-word.picked :name="$row->in.'[size]'" :label="$t('pages/begin.size', which: $row->which)" :options="['small' =>
                $t('pages/begin.small'), 'middle' => $t('pages/begin.middling'), 'large' => $t('pages/begin.large')]"
                :value="$row->of('size', 'middle')" /></x-slot>
            <x-slot:kind><x-word.picked :name="$row->in.'[kind]'" :label="$t('pages/begin.kind', which: $row->which)"
                :options="$say->options(Orbek\Core\Pot\RingKind::cases())" :value="$row->of('kind', 'gas')" /></x-slot>
            <x-slot:kw><x-word.typed :name="$row->in.'[kw]'" :label="$t('pages/begin.kilowatts-where-known', which: $row->which)"
                :value="$row->of('kw')" min="0.2" max="15" step="0.05" else="–" /></x-slot>
            <x-slot:knob><x-word.picked :name="$row->in.'[knob]'" :label="$t('pages/begin.marks-of-its-knob', which: $row->which)"
                :options="['none' => $t('pages/begin.nothing'), 'words' => $t('pages/begin.low-medium-high'), 'sizes' =>
                $t('pages/begin.small-medium-large'), 'flame' => $t('pages/begin.pearl-small-half-full'), 'six' =>
                $t('pages/begin.1-to-6'), 'nine' => $t('pages/begin.1-to-9'), 'boost' => $t('pages/begin.1-to-9-and-a-boost'), 'own' =>
                $t('pages/begin.something-else')]" :value="$row->of('knob', 'none')" /><span class="if-own">: <input class="word wide"
                name="{{ $row->in }}[marks]" maxlength="300" aria-label="{{ $t('pages/begin.its-marks-from-low-to-high', which:
                $row->which) }}" value="{{ $row->of('marks') }}" placeholder="{{ $t('pages/begin.min-2-3-max') }}"
                autocomplete="off"></span></x-slot>
        </x-sentence>
            <button name="go" value="like-{{ $index }}" class="small-button" aria-label="{{ $t('pages/begin.another-ring-like-this-one',
                which: $row->which) }}" formnovalidate>{{ $t('pages/begin.another-like-this-one') }}</button>
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="{{
                $t('pages/begin.take-away', which: $row->which) }}" formnovalidate>{{ $t('pages/begin.not-this-one') }}</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>{{ $t('pages/begin.another-ring') }}</button>
<p class="small">{{ $t('pages/begin.heats-will-be-told') }}</p>
