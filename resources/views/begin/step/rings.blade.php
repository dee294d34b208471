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
            knob says <x-word.picked :name="$row->in.'[knob]'" :label="$row->which.': marks of its knob'" :options="['none' =>
                'nothing', 'words' => 'low, medium, high', 'sizes' => 'small, medium, large', 'flame' => 'pearl, small, half, full',
                'six' => '1 to 6', 'nine' => '1 to 9', 'boost' => '1 to 9 and a boost', 'own' => 'something else']"
            :value="$row->of('knob', 'none')" /><span class="if-own">: <input class="word wide" name="{{ $row->in }}[marks]" maxlength="300"
            aria-label="{{ $row->which }}: its marks from low to high" value="{{ $row->of('marks') }}"
            placeholder="min, 2, 3, max" autocomplete="off"></span>.
            <button name="go" value="like-{{ $index }}" class="small-button" aria-label="Another ring like this one: {{ $row->which }}"
                formnovalidate>Another like this one</button>
            @if (count($rows) > 1)<button name="go" value="less-{{ $index }}" class="small-button" aria-label="Take away: {{ $row->which }}"
                formnovalidate>Not this one</button>@endif</p>
    </fieldset>
@endforeach
<button name="go" value="row" class="quiet" formnovalidate>Another ring</button>
<p class="small">Heats will be told in the knob's own words. What each mark really gives the first cooks teach, or a boil test.</p>
