<x-amounts :ingredients="collect($parts[$station->value] ?? [])->filter(fn ($i) => $i->task === Orbek\Core\Plan\Work\WorkKind::HotFat->id()
    || $i->aisle === Orbek\Core\Plan\Shopping\Aisle::Fats)" />
@if (! $d->build->folded)
    <ol class="layer-list" reversed>
        @foreach (array_reverse($d->build->layers, true) as $index => $layer)
            <li>
                <span class="name">{{ $say->first($names[$index]) }}</span>
                <span><x-word.number :path="'layers:share:'.$index" :value="round(100 * $layer->share)"
                    :label="$t('pages/pot-more.share-of-layer-per-cent', index: $index +
                    1)" min="5" max="100" /> {{ $t('pages/pot-more.percent-of-the', what: $layer->matter->value === 'rice'
                    || count($d->fillings->inPot()->all) < 2 ? $say->label($layer->matter) : $names[$index]) }}
                        @if ($isWeighed)<x-word.number
                    :path="'layers:grams:'.$index"
                    :value="round($inPot[$index]->mass->inGrams())" :label="$t('pages/pot-more.layer-grams', index: $index + 1)" min="1"
                        max="50000" />
                    {{ $t('units.gram-sign') }} @else{{ $say->amount(Orbek\Core\Measure\Quantity::grams($inPot[$index]->mass->inGrams()))
                        }} @endif<br>
                    @if ($layer->matter->value === 'rice' && ! $d->grain->cooking->isMeasured() && ! $d->isLiftedApart())<button
                        type="button"
                    class="small-button" data-mend data-path="layers/{{ $index }}/stage"
                    data-value='@json($d->grain->water->stage->before()->value)' aria-label="{{ $t('pages/pot-more.lift-it-apart-layer',
                        index: $index + 1) }}">{{ $t('pages/pot-more.lift-it-apart') }}</button>@elseif ($layer->matter->value === 'rice' &&
                        ! $d->grain->cooking->isMeasured()){{ $t('pages/pot-more.lifted-when-a-grain') }} <x-word.choice
                        :path="'layers/'.$index.'/stage'" :options="$say->options(Orbek\Core\Rice\Stage::cases(), 'words')"
                    :value="($layer->stage ?? $d->grain->water->stage)->value" :label="$t('pages/pot-more.layer-when-it-is-lifted', index:
                        $index + 1)"
                        />@endif</span>
                <span class="moves">
                    <button type="button" data-mend data-path="layers:up:{{ $index }}" data-value="null" @disabled($index ===
                        count($d->build->layers) - 1) aria-label="{{ $t('pages/pot-more.layer-up', index: $index + 1, what: $names[$index])
                            }}">{{ $t('pages/pot-more.up') }}</button>
                    <button type="button" data-mend data-path="layers:down:{{ $index }}" data-value="null" @disabled($index === 0)
                        aria-label="{{ $t('pages/pot-more.layer-down', index: $index + 1, what: $names[$index]) }}">{{
                            $t('pages/pot-more.down') }}</button>
                    <button type="button" data-mend data-path="layers:halve:{{ $index }}" data-value="null" aria-label="{{
                        $t('pages/pot-more.layer-halve', index: $index + 1, what: $names[$index]) }}">{{ $t('pages/pot-more.halve')
                        }}</button>
                    <button type="button" data-mend data-path="layers:third:{{ $index }}" data-value="null" aria-label="{{
                        $t('pages/pot-more.layer-in-thirds', index: $index + 1, what: $names[$index]) }}">{{ $t('pages/pot-more.thirds')
                        }}</button>
                    <button type="button" data-mend data-path="layers:remove:{{ $index }}" data-value="null" aria-label="{{
                        $t('pages/pot-more.layer-remove', index: $index + 1, what: $names[$index]) }}">{{ $t('pages/pot-more.remove')
                        }}</button>
                </span>
            </li>
        @endforeach
    </ol>
    @if (! $d->grain->cooking->isMeasured() && ! $d->isLiftedApart())<p class="small">{{ $t('pages/pot-more.all-of-the-rice-is-lifted',
        stage: $say->label($d->grain->water->stage, 'words')) }}</p>@endif
    @if ($each !== [])<p class="small">{{ $t('pages/pot-more.on-each-layer-of-rice', each: $say->list($each)) }}</p>@endif
    <p><button type="button" class="mend" data-mend data-path="layers:add-rice" data-value="null">{{ $t('pages/pot-more.rice-on-top')
        }}</button>@foreach ($d->fillings->inPot()->all as $place => $f)<button type="button" class="mend" data-mend
        data-path="layers:add-filling:{{ $place }}" data-value="null">{{ $t('pages/pot-more.filling-on-top', isMany:
            count($d->fillings->inPot()->all) > 1, filling: $say->first($f->name)) }}</button>@endforeach <span class="small">{{
            $t('pages/pot-more.or-drag-a-layer') }}</span></p>
@endif
@if ($d->build->extras !== [])
    <table class="parts splits">
        <thead><tr><th scope="col">{{ $t('pages/pot-more.shared-out') }}</th><th scope="col">{{ $t('pages/pot-more.marinade-2') }}</th><th
            scope="col">{{ $t('pages/pot-more.layers') }}</th><th scope="col">{{ $t('pages/pot-more.kept-for-the-top') }}</th><th
            scope="col"><span class="visually-hidden">{{ $t('pages/pot-more.change') }}</span></th></tr></thead>
        <tbody>
            @foreach ($d->build->extras as $index => $extra)
                <tr>
                    <th scope="row">{{ $extra->name }} <span class="small">{{ $t('pages/pot-more.extra-line', amount: $perKg($extra),
                        isMade: $extra->made !== null, made: $extra->made?->name ?? '', isSteamed: $extra->isSteamed) }}</span></th>
                    @foreach (Orbek\Core\Dish\Extra::PARTS as $part)
                        <td><x-word.number :path="'extras:'.$index.':'.$part" :value="round(100 * $extra->split[$part])"
                            :label="$t('pages/pot-more.share-for-the-per-cent', extra: $extra->name, part: $part)" min="0" max="100" />
                                {{ $t('units.percent-sign') }}</td>
                    @endforeach
                    <td>@if ($extra->split['layers'] > 0 && ! $d->build->folded)<button type="button" class="small-button" data-mend
                        data-path="extras/{{ $index }}/steamed" data-value="{{ $extra->isSteamed ? 'null' : 'true' }}" aria-label="{{
                        $extra->name }}: {{ $extra->isSteamed ? $t('pages/pot-more.between-the-layers') :
                            $t('pages/pot-more.in-one-place-to-be-lifted') }}">{{
                            $t('pages/pot-more.where-it-lies', isSteamed: $extra->isSteamed) }}</button> @endif<button type="button"
                        class="small-button" data-mend data-path="extras:remove:{{ $index }}" data-value="null" aria-label="{{
                            $t('pages/pot-more.remove-3', extra: $extra->name) }}">{{ $t('pages/pot-more.remove') }}</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.another-topping') }}</summary>
    <form data-add="extras">
        <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.kind-2') }} <select name="kind">@foreach (Orbek\Core\Dish\ExtraKind::cases() as $kind)<option value="{{
            $kind->value }}">{{
            $say->label($kind) }}</option>@endforeach</select></label>
        <label>{{ $t('pages/pot-more.grams-an-essence-drops-a-kg') }} <input name="g_per_kg_rice" type="number" min="0.01" max="1000"
            step="0.01" value="30"
            required></label>
        <label>{{ $t('pages/pot-more.made-how') }} <select name="made"><option value="">{{ $t('pages/pot-more.in-one-go')
            }}</option>@foreach ($d->craft->preparations->all as $way)<option
            value="{{ $way->id }}">{{ $way->name }}</option>@endforeach</select></label>
        <label>{{ $t('pages/pot-more.minutes-to-make') }} <input name="prep_min" type="number" min="0" max="120" step="1" value="0"></label>
        <button class="quiet">{{ $t('pages/pot-more.add-it') }}</button>
    </form>
</details>
@if ($balance !== null)
    <x-drawing.balance :$balance />
    @foreach ($balance->mends as $mend)
        <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label
            }}</button>
    @endforeach
@endif
