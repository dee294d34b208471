@php $rows = is_array($said['pots'] ?? null) && $said['pots'] !== [] ? array_values($said['pots']) : [[]]; @endphp
@foreach ($rows as $index => $row)
    @php $of = fn (string $name, mixed $else = '') => is_scalar($row[$name] ?? null) ? (string) $row[$name] : $else; $in = "pots[{$index}]";
        $which = 'Pot '.($index + 1); @endphp
    <fieldset class="row-of"><legend class="visually-hidden">{{ $which }}</legend>
        <p class="sentence">A pot <x-word.typed :name="$in.'[diameter_cm]'" :label="$which.': across inside, cm'"
            :value="$of('diameter_cm')" min="10" max="60" step="0.5" else="24" /> cm across, of <x-word.picked :name="$in.'[material]'"
            :label="$which.': made of'" :options="$labels(Orbek\Core\Pot\PotMaterial::cases())" :value="$of('material', 'steel')" />,
            that <x-word.typed :name="$in.'[litres]'" :label="$which.': litres to the brim'" :value="$of('litres')" min="0.5" max="60"
                step="0.1" else="5.5" /> litres fill, or <x-word.typed :name="$in.'[height_cm]'" :label="$which.': high inside, cm'"
                :value="$of('height_cm')" min="3" max="60" step="0.5" else="–" /> cm high;
            its lid <x-word.picked :name="$in.'[lid]'" :label="$which.': its lid'" :options="$labels(Orbek\Core\Pot\LidFit::cases())"
                :value="$of('lid', 'tight')" />, with <x-word.picked :name="$in.'[handles]'" :label="$which.': handles'" :options="['2' =>
                'two handles', '1' => 'one handle']" :value="$of('handles', '2')" />.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another pot</button>
<p class="small">Only know “the big one”? Measure across inside, and fill it from a litre jug.</p>
