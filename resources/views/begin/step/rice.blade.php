@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence">A bag of <x-word.picked :name="$row->in.'[kind]'" :label="$row->which.': kind of rice'"
            :options="$say->options(Orbek\Core\Rice\RiceKind::cases())" :value="$row->of('kind', 'aged-basmati')" />, <x-word.typed
                :name="$row->in.'[kg]'"
            :label="$row->which.': kilograms left'" :value="$row->of('kg')" min="0.01" max="100" step="any" else="–" /> kg left, called
                <input
            class="word " name="{{ $row->in }}[name]" maxlength="300" aria-label="{{ $row->which }}: what it is called" value="{{
                $row->of('name') }}"
            placeholder="by its kind" autocomplete="off">.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $row->which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another bag</button>
