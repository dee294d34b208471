<p>@if ($d->lid->smokeMin > 0)A coal smokes under the lid for <x-word.number path="smoke_min" :value="$d->lid->smokeMin"
    label="Smoke, minutes"
    min="1" max="15" /> min before it is opened. <button type="button" class="small-button" data-mend data-path="smoke_min"
    data-value="0">No smoke</button>@else <button type="button" class="small-button" data-mend data-path="smoke_min" data-value="8">Smoke it
    with a coal at the end</button>@endif</p>
@if ($d->lid->smokeMin > 0)<p class="caution"><span class="visually-hidden">Caution: </span>{{
    $say->label(Orbek\Core\Care\Caution::Charcoal,
    'says') }}</p>@endif
@if ($d->table->serving === Orbek\Core\Dish\Serving::Platter)<x-drawing.platter :$plan />@endif
<ol class="serve-steps">
    <li>It rests {{ round(collect($plan->potted->first()->line())->filter(fn ($b) => $b->isRest())->sum('minutes')) }} min off the heat: the
        base lets go, the top firms.</li>
    <li>Open away from the face.{{ $d->build->base->kind->isLaid && in_array($d->table->serving->value, ['whole', 'lifted'], true) ?
        ' Loosen the rim. '.$say->label($plan->pot()->material->letsGo()).'.'.($d->table->serving->value === 'whole' ?
            ' Turn out on a platter.' :
        '') : '' }}</li>
    @if ($lifted !== [])<li>Lift off what steamed on top, to be put back: {{ implode(', ', $lifted) }}.</li>@endif
    @if ($bags !== [])<li>Lift out {{ implode(', ', $bags) }}.</li>@endif
    <li>{{ $say->first($say->label($d->table->serving)) }}.</li>
    @if (isset($parts['serve']))<li>On top at the last: {{ collect($parts['serve'])->map(fn ($i) =>
        $say($i->name).' '.$say->amount($i->amount))->implode(', ') }}. What should be crisp goes on last.</li>@endif
</ol>
@if ($d->table->sides !== [])
    <ul class="amounts">@foreach ($d->table->sides as $index => $side)<li><strong>{{ $side->minutes }} min</strong> {{ $side->name }}{{
        $side->keeps === null ? '' : '; keeps '.$side->keeps }} <button type="button" class="small-button" data-mend
        data-path="sides:remove:{{ $index }}" data-value="null" aria-label="{{ $side->name }}: remove">Remove</button></li>@endforeach</ul>
@endif
<details class="adding" data-keep-open><summary>Another side</summary>
    <form data-add="sides">
        <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Minutes <input name="minutes" type="number" min="1" max="240" step="1" value="10" required></label>
        <button class="quiet">Add it</button>
    </form>
</details>
@if ($d->allergens() !== [])
    <p class="caution"><span class="visually-hidden">Caution: </span>Tell your guests: @foreach ($d->allergens() as $allergen =>
        $where)<strong>{{ $say->label(Orbek\Core\Care\Allergen::from($allergen)) }}</strong> ({{ $say->list($where) }}){{ $loop->last ? '.'
        : ', ' }}@endforeach</p>
@endif
<div class="small">A serving: <x-figure :figure="$feeds->kcal" />, <x-figure :figure="$feeds->protein" /> protein, <x-figure
    :figure="$feeds->fat" /> fat, <x-figure :figure="$feeds->carbohydrate" /> carbohydrate{{ $feeds->unknown === [] ? '' :
    '; not counted: '.$say->list($feeds->unknown) }}; sides as they are.</div>
