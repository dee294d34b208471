<x-amounts :ingredients="collect($parts[$station->value] ?? [])->filter(fn ($i) => $i->task === Orbek\Core\Plan\Work\WorkKind::HotFat->id()
    || $i->aisle === Orbek\Core\Plan\Shopping\Aisle::Fats)" />
@if (! $d->build->folded)
    <ol class="layer-list" reversed>
        @foreach (array_reverse($d->build->layers, true) as $index => $layer)
            <li>
                <span class="name">{{ Str::ucfirst($names[$index]) }}</span>
                <span><x-word.number :path="'layers:share:'.$index" :value="round(100 * $layer->share)" :label="'Share of layer '.($index +
                    1).', per cent'" min="5" max="100" /> % of the {{ $layer->matter->value === 'rice' || count($d->fillings->inPot()->all)
                    < 2 ? $layer->matter->value : $names[$index] }}, @if ($isWeighed)<x-word.number
                    :path="'layers:grams:'.$index"
                    :value="round($inPot[$index]->mass->inGrams())" :label="'Layer '.($index + 1).', grams'" min="1" max="50000" />
                    g @else{{ $say->amount(Orbek\Core\Measure\Quantity::grams($inPot[$index]->mass->inGrams())) }} @endif<br>
                    @if ($layer->matter->value === 'rice' && ! $d->grain->cooking->isMeasured() && ! $d->isLiftedApart())<button
                        type="button"
                    class="small-button" data-mend data-path="layers/{{ $index }}/stage"
                    data-value='@json($d->grain->water->stage->before()->value)' aria-label="Lift it apart: layer {{ $index + 1 }}">Lift it
                    apart</button>@elseif ($layer->matter->value === 'rice' && ! $d->grain->cooking->isMeasured())lifted when a grain
                    <x-word.choice :path="'layers/'.$index.'/stage'" :options="$say->options(Orbek\Core\Rice\Stage::cases(), 'words')"
                    :value="($layer->stage ?? $d->grain->water->stage)->value" :label="'Layer '.($index + 1).', when it is lifted'"
                        />@endif</span>
                <span class="moves">
                    <button type="button" data-mend data-path="layers:up:{{ $index }}" data-value="null" @disabled($index ===
                        count($d->build->layers) - 1) aria-label="Layer {{ $index + 1 }}, {{ $names[$index] }}: up">Up</button>
                    <button type="button" data-mend data-path="layers:down:{{ $index }}" data-value="null" @disabled($index === 0)
                        aria-label="Layer {{ $index + 1 }}, {{ $names[$index] }}: down">Down</button>
                    <button type="button" data-mend data-path="layers:halve:{{ $index }}" data-value="null" aria-label="Layer {{ $index + 1
                        }}, {{ $names[$index] }}: halve">Halve</button>
                    <button type="button" data-mend data-path="layers:third:{{ $index }}" data-value="null" aria-label="Layer {{ $index + 1
                        }}, {{ $names[$index] }}: in thirds">Thirds</button>
                    <button type="button" data-mend data-path="layers:remove:{{ $index }}" data-value="null" aria-label="Layer {{ $index + 1
                        }}, {{ $names[$index] }}: remove">Remove</button>
                </span>
            </li>
        @endforeach
    </ol>
    @if (! $d->grain->cooking->isMeasured() && ! $d->isLiftedApart())<p class="small">All of the rice is lifted when a grain {{
        $say->label($d->grain->water->stage, 'words') }}.</p>@endif
    @if ($each !== [])<p class="small">On each layer of rice, in this order: {{ $say->list($each) }}.</p>@endif
    <p><button type="button" class="mend" data-mend data-path="layers:add-rice" data-value="null">Rice on
        top</button>@foreach ($d->fillings->inPot()->all as $place => $f)<button type="button" class="mend" data-mend
        data-path="layers:add-filling:{{ $place }}" data-value="null">{{ count($d->fillings->inPot()->all) > 1 ? Str::ucfirst($f->name) :
        'Filling' }} on top</button>@endforeach <span class="small">or drag a layer in the drawing; with the keyboard: Tab to it, arrows
        move it.</span></p>
@endif
@if ($d->build->extras !== [])
    <table class="parts splits">
        <thead><tr><th scope="col">shared out</th><th scope="col">marinade</th><th scope="col">layers</th><th scope="col">kept for the
            top</th><th scope="col"><span class="visually-hidden">change</span></th></tr></thead>
        <tbody>
            @foreach ($d->build->extras as $index => $extra)
                <tr>
                    <th scope="row">{{ $extra->name }} <span class="small">{{ $say->amount($perKg($extra)) }} a kg of
                        rice{{ $extra->made === null ? '' : ', '.$extra->made->name }}{{ $extra->isSteamed ? ', in one place on the rice' :
                        '' }}</span></th>
                    @foreach (Orbek\Core\Dish\Extra::PARTS as $part)
                        <td><x-word.number :path="'extras:'.$index.':'.$part" :value="round(100 * $extra->split[$part])"
                            :label="$extra->name.': share for the '.$part.', per cent'" min="0" max="100" /> %</td>
                    @endforeach
                    <td>@if ($extra->split['layers'] > 0 && ! $d->build->folded)<button type="button" class="small-button" data-mend
                        data-path="extras/{{ $index }}/steamed" data-value="{{ $extra->isSteamed ? 'null' : 'true' }}" aria-label="{{
                        $extra->name }}: {{ $extra->isSteamed ? 'between the layers' : 'in one place, to be lifted off' }}">{{
                        $extra->isSteamed ? 'Between the layers' : 'In one place' }}</button> @endif<button type="button"
                        class="small-button" data-mend data-path="extras:remove:{{ $index }}" data-value="null" aria-label="{{ $extra->name
                        }}: remove">Remove</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<details class="adding" data-keep-open><summary>Another topping</summary>
    <form data-add="extras">
        <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Kind <select name="kind">@foreach (Orbek\Core\Dish\ExtraKind::cases() as $kind)<option value="{{ $kind->value }}">{{
            $say->label($kind) }}</option>@endforeach</select></label>
        <label>Grams (an essence: drops) a kg of rice <input name="g_per_kg_rice" type="number" min="0.01" max="1000" step="0.01" value="30"
            required></label>
        <label>Made how <select name="made"><option value="">in one go</option>@foreach ($d->craft->preparations->all as $way)<option
            value="{{ $way->id }}">{{ $way->name }}</option>@endforeach</select></label>
        <label>Minutes to make it <input name="prep_min" type="number" min="0" max="120" step="1" value="0"></label>
        <button class="quiet">Add it</button>
    </form>
</details>
@if ($balance !== null)
    <x-drawing.balance :$balance />
    @foreach ($balance->mends as $mend)
        <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label
            }}</button>
    @endforeach
@endif
