@php $rows = is_array($said['rings'] ?? null) && $said['rings'] !== [] ? array_values($said['rings']) : [[]]; @endphp
@foreach ($rows as $index => $row)
    @php $of = fn (string $name, mixed $else = '') => is_scalar($row[$name] ?? null) ? (string) $row[$name] : $else; $in =
        "rings[{$index}]"; $which = 'Ring '.($index + 1); @endphp
    <fieldset class="row-of"><legend class="visually-hidden">{{ $which }}</legend>
        <p class="sentence">A <x-word.picked :name="$in.'[size]'" :label="$which.': size'" :options="['small' => 'small', 'middle' =>
            'middling', 'large' => 'large']" :value="$of('size', 'middle')" /> <x-word.picked :name="$in.'[kind]'" :label="$which.': kind'"
            :options="$labels(Orbek\Core\Pot\RingKind::cases())" :value="$of('kind', 'gas')" /> ring, <x-word.typed :name="$in.'[kw]'"
            :label="$which.': kilowatts, where known'" :value="$of('kw')" min="0.2" max="15" step="0.05" else="–" /> kW if you know it; its
            knob says <x-word.picked :name="$in.'[knob]'" :label="$which.': marks of its knob'" :options="['none' => 'nothing', 'words' =>
            'low, medium, high', 'flame' => 'pearl, small, half, full', 'six' => '1 to 6', 'nine' => '1 to 9', 'own' => 'something else']"
            :value="$of('knob', 'none')" /><span class="if-own">: <input class="word wide" name="{{ $in }}[marks]" maxlength="300"
            aria-label="{{ $which }}: its marks, each with the per cent of full that it gives" value="{{ $of('marks') }}"
            placeholder="min 20, 3 50, max 100" autocomplete="off"></span>.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another ring</button>
<p class="small">Heats will be told in the knob's own words. What each mark really gives the first cooks teach, or a boil test.</p>
