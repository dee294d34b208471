<p>@if ($d->lid->smokeMin > 0){{ $t('pages/pot-more.a-coal-smokes-under-the-lid') }} <x-word.number path="smoke_min"
    :value="$d->lid->smokeMin"
    :label="$t('pages/pot-more.smoke-minutes')"
    min="1" max="15" /> {{ $t('pages/pot-more.min-before-it-is-opened') }} <button type="button" class="small-button" data-mend
        data-path="smoke_min"
    data-value="0">{{ $t('pages/pot-more.no-smoke') }}</button>@else <button type="button" class="small-button" data-mend
        data-path="smoke_min" data-value="8">{{ $t('pages/pot-more.smoke-it-with-a-coal') }}</button>@endif</p>
@if ($d->lid->smokeMin > 0)<p class="caution"><span class="visually-hidden">{{ $t('pages/pot-more.caution') }} </span>{{
    $say->label(Orbek\Core\Care\Caution::Charcoal,
    'says') }}</p>@endif
@if ($d->table->serving === Orbek\Core\Dish\Serving::Platter)<x-drawing.platter :$plan />@endif
<ol class="serve-steps">
    <li>{{ $t('pages/pot-more.it-rests-min-off-the-heat', line: round(collect($plan->potted->first()->line())->filter(fn ($b) =>
        $b->isRest())->sum('minutes'))) }}</li>
    <li>{{ $t('pages/pot-more.opening', isLoosened: $d->build->base->kind->isLaid && in_array($d->table->serving->value, ['whole',
        'lifted'], true), letsGo: $say->label($plan->pot()->material->letsGo()), isTurned: $d->table->serving->value === 'whole') }}</li>
    @if ($lifted !== [])<li>{{ $t('pages/pot-more.lift-off-what-steamed-on-top', lifted: implode($comma, $lifted)) }}</li>@endif
    @if ($bags !== [])<li>{{ $t('pages/pot-more.lift-out', bags: implode($comma, $bags)) }}</li>@endif
    <li>{{ $say->first($say->label($d->table->serving)) }}.</li>
    @if (isset($parts['serve']))<li>{{ $t('pages/pot-more.on-top-at-the-last-what', serve: collect($parts['serve'])->map(fn ($i) =>
        $say($i->name).' '.$say->amount($i->amount))->implode($comma)) }}</li>@endif
</ol>
@if ($d->table->sides !== [])
    <ul class="amounts">@foreach ($d->table->sides as $index => $side)<li>{{ $th('pages/pot-more.side-line', minutes: $side->minutes, side:
        $side->name, keeps: $side->keeps !== null, how: $side->keeps ?? '') }} <button type="button" class="small-button" data-mend
        data-path="sides:remove:{{ $index }}" data-value="null" aria-label="{{ $t('pages/pot-more.remove-5', side: $side->name) }}">{{
            $t('pages/pot-more.remove') }}</button></li>@endforeach</ul>
@endif
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.another-side') }}</summary>
    <form data-add="sides">
        <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.minutes') }} <input name="minutes" type="number" min="1" max="240" step="1" value="10"
            required></label>
        <button class="quiet">{{ $t('pages/pot-more.add-it') }}</button>
    </form>
</details>
@if ($d->allergens() !== [])
    <p class="caution"><span class="visually-hidden">{{ $t('pages/pot-more.caution') }} </span>{{ $t('pages/pot-more.tell-your-guests') }}
        @foreach ($d->allergens() as $allergen =>
        $where)<strong>{{ $say->label(Orbek\Core\Care\Allergen::from($allergen)) }}</strong> ({{ $say->list($where) }}){{ $loop->last ? '.'
        : ', ' }}@endforeach</p>
@endif
<div class="small">{{ $t('pages/pot-more.a-serving') }} <x-figure :figure="$feeds->kcal" />{{ $comma }}<x-figure :figure="$feeds->protein"
    /> {{
    $t('pages/pot-more.protein') }} <x-figure
    :figure="$feeds->fat" /> {{ $t('pages/pot-more.fat') }} <x-figure :figure="$feeds->carbohydrate" /> {{ $t('pages/pot-more.carbohydrate',
        isUnknown: $feeds->unknown !== [], unknown: $feeds->unknown) }}</div>
