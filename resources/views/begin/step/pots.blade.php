@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence">A pot <x-word.typed :name="$row->in.'[diameter_cm]'" :label="$row->which.': across inside, cm'"
            :value="$row->of('diameter_cm')" min="10" max="60" step="0.5" else="24" /> cm across, of <x-word.picked
                :name="$row->in.'[material]'"
            :label="$row->which.': made of'" :options="$say->options(Orbek\Core\Pot\PotMaterial::cases())" :value="$row->of('material',
                'steel')" />,
            that <x-word.typed :name="$row->in.'[litres]'" :label="$row->which.': litres to the brim'" :value="$row->of('litres')" min="0.5"
                max="60"
                step="0.1" else="5.5" /> litres fill, or <x-word.typed :name="$row->in.'[height_cm]'"
                    :label="$row->which.': high inside, cm'"
                :value="$row->of('height_cm')" min="3" max="60" step="0.5" else="–" /> cm high;
            its lid <x-word.picked :name="$row->in.'[lid]'" :label="$row->which.': its lid'"
                :options="$say->options(Orbek\Core\Pot\LidFit::cases())"
                :value="$row->of('lid', 'tight')" />, with <x-word.picked :name="$row->in.'[handles]'" :label="$row->which.': handles'"
                    :options="['2' =>
                'two handles', '1' => 'one handle']" :value="$row->of('handles', '2')" />.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $row->which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another pot</button>
<p class="small">Only know “the big one”? Measure across inside, and fill it from a litre jug.</p>
