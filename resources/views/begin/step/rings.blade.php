@foreach ($rows as $index => $row)
    <fieldset class="row-of"><legend class="visually-hidden">{{ $row->which }}</legend>
        <p class="sentence">A <x-word.picked :name="$row->in.'[size]'" :label="$row->which.': size'" :options="['small' => 'small', 'middle'
            =>
            'middling', 'large' => 'large']" :value="$row->of('size', 'middle')" /> <x-word.picked :name="$row->in.'[kind]'"
                :label="$row->which.': kind'"
            :options="$say->options(Orbek\Core\Pot\RingKind::cases())" :value="$row->of('kind', 'gas')" /> ring, <x-word.typed
                :name="$row->in.'[kw]'"
            :label="$row->which.': kilowatts, where known'" :value="$row->of('kw')" min="0.2" max="15" step="0.05" else="–" /> kW if you
                know it; its
            knob says <x-word.picked :name="$row->in.'[knob]'" :label="$row->which.': marks of its knob'" :options="['none' => 'nothing',
                'words' =>
            'low, medium, high', 'flame' => 'pearl, small, half, full', 'six' => '1 to 6', 'nine' => '1 to 9', 'own' => 'something else']"
            :value="$row->of('knob', 'none')" /><span class="if-own">: <input class="word wide" name="{{ $row->in }}[marks]" maxlength="300"
            aria-label="{{ $row->which }}: its marks, each with the per cent of full that it gives" value="{{ $row->of('marks') }}"
            placeholder="min 20, 3 50, max 100" autocomplete="off"></span>.
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $row->which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another ring</button>
<p class="small">Heats will be told in the knob's own words. What each mark really gives the first cooks teach, or a boil test.</p>
