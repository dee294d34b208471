@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence"><x-sentence says="pages/begin.sentence-pot">
            <x-slot:across><x-word.typed :name="$row->in.'[diameter_cm]'" :label="$t('pages/begin.across-inside-cm', which: $row->which)"
                :value="$row->of('diameter_cm')" min="10" max="60" step="0.5" else="24" /></x-slot>
            <x-slot:material><x-word.picked :name="$row->in.'[material]'" :label="$t('pages/begin.made-of', which: $row->which)"
                :options="$say->options(Orbek\Core\Pot\PotMaterial::cases())" :value="$row->of('material', 'steel')" /></x-slot>
            <x-slot:litres><x-word.typed :name="$row->in.'[litres]'" :label="$t('pages/begin.litres-to-the-brim', which: $row->which)"
                :value="$row->of('litres')" min="0.5" max="60" step="0.1" else="5.5" /></x-slot>
            <x-slot:high><x-word.typed :name="$row->in.'[height_cm]'" :label="$t('pages/begin.high-inside-cm', which: $row->which)"
                :value="$row->of('height_cm')" min="3" max="60" step="0.5" else="–" /></x-slot>
            <x-slot:lid><x-word.picked :name="$row->in.'[lid]'" :label="$t('pages/begin.its-lid', which: $row->which)"
                :options="$say->options(Orbek\Core\Pot\LidFit::cases())" :value="$row->of('lid', 'tight')" /></x-slot>
            <x-slot:handles><x-word.picked :name="$row->in.'[handles]'" :label="$t('pages/begin.handles', which: $row->which)"
                :options="['2' => $t('pages/begin.two-handles'), '1' => $t('pages/begin.one-handle')]"
                :value="$row->of('handles', '2')" /></x-slot>
        </x-sentence>
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="{{
                $t('pages/begin.take-away', which: $row->which) }}" formnovalidate>{{ $t('pages/begin.not-this-one') }}</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>{{ $t('pages/begin.another-pot') }}</button>
<p class="small">{{ $t('pages/begin.only-know-the-big-one-measure') }}</p>
