@php $rows = is_array($said['bags'] ?? null) && $said['bags'] !== [] ? array_values($said['bags']) : [[]]; @endphp
@foreach ($rows as $index => $row)
    @php $of = fn (string $name, mixed $else = '') => is_scalar($row[$name] ?? null) ? (string) $row[$name] : $else; $in = "bags[{$index}]";
        $which = 'Bag '.($index + 1); @endphp
    <fieldset class="row-of"><legend class="visually-hidden">{{ $which }}</legend>
        <p class="sentence">A bag of <x-word.picked :name="$in.'[kind]'" :label="$which.': kind of rice'"
            :options="$labels(Orbek\Core\Rice\RiceKind::cases())" :value="$of('kind', 'aged-basmati')" />, <x-word.typed :name="$in.'[kg]'"
            :label="$which.': kilograms left'" :value="$of('kg')" min="0.01" max="100" step="any" else="–" /> kg left, called <input
            class="word " name="{{ $in }}[name]" maxlength="300" aria-label="{{ $which }}: what it is called" value="{{ $of('name') }}"
            placeholder="by its kind" autocomplete="off">.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another bag</button>
