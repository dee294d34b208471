<x-amounts :ingredients="$parts[$station->value] ?? []" />
@foreach ($d->fillings->all as $place => $f)
@php $at = "fillings/{$place}"; $list = $place === 0 ? 'parts' : 'parts-'.($place + 1); $many = count($d->fillings->all) > 1; @endphp
<section class="a-filling" aria-label="{{ $f->name }}">
@if ($many || $f->isBeside)<h3>{{ $say->first($f->name) }}</h3>@endif
<p class="small">{{ $t('pages/pot-more.where-it-is-cooked', isBeside: $f->isBeside, cooked: (int) round(100 * $f->ready)) }}
    @if ($place > 0 || $f->isBeside)<x-sentence says="pages/pot-more.cooked-so-far"><x-slot:ready><x-word.number :path="$at.'/ready'"
        type="percent" :value="round(100 * $f->ready)" :label="$t('pages/pot-more.cooked-to-per-cent', f: $f->name)" min="0" max="100"
        /></x-slot><x-slot:wetness><x-word.choice :path="$at.'/wetness'" :options="$say->options(Orbek\Core\Filling\Wetness::cases())"
        :value="$f->wetness->value" :label="$t('pages/pot-more.how-wet', f: $f->name)" /></x-slot></x-sentence>@endif
    @if ($f->canHaveBite() && ! $f->isBeside)<x-sentence says="pages/pot-more.wants-bite"><x-slot:bite><x-word.choice :path="$at.'/bite'"
        type="flag" :options="['0' => $t('pages/pot-more.tender'), '1' => $t('pages/pot-more.with-bite')]"
        :value="$f->hasBite ? '1' : '0'" :label="$t('pages/pot-more.tender-or-with-bite', f: $f->name)" /></x-slot></x-sentence>@endif
    <button type="button" class="small-button" data-mend data-path="fillings:beside:{{ $place }}" data-value="{{ $f->isBeside ? 'false' :
        'true' }}">{{ $t('pages/pot-more.beside-or-in', isBeside: $f->isBeside) }}</button>
    <button type="button" class="small-button" data-mend data-path="fillings:remove:{{ $place }}" data-value="null"
        aria-label="{{ $t('pages/pot-more.take-it-out-2', f: $f->name) }}">{{ $t('pages/pot-more.take-it-out') }}</button></p>
<table class="parts">
    <thead><tr><th scope="col">{{ $t('pages/pot-more.part') }}</th><th scope="col">{{ $t('pages/pot-more.kind') }}</th><th scope="col">{{
        $t('pages/pot-more.of-the-rice') }}</th><th scope="col">{{ $t('pages/pot-more.half-a-piece') }}</th><th
        scope="col"><span class="visually-hidden">{{ $t('pages/pot-more.change') }}</span></th></tr></thead>
    <tbody>
        @foreach ($f->parts as $index => $part)
            <tr>
                <th scope="row"><x-word.text :path="$at.'/parts/'.$index.'/name'" :value="$part->name" :label="$t('pages/pot-more.its-name',
                    part: $part->name)"
                    /></th>
                <td><x-word.choice :path="$at.'/parts/'.$index.'/kind'" :options="collect($d->craft->fillings->all)->map(fn ($kind) =>
                    $kind->name)" :value="$part->kind->id" :label="$t('pages/pot-more.kind-3', part: $part->name)" /></td>
                <td><x-word.number :path="$at.'/parts/'.$index.'/of_rice'" :value="round($part->ofRice, 2)"
                    :label="$t('pages/pot-more.times-the-raw-rice-2', part: $part->name)" min="0.01" max="8" step="0.01" /> ×</td>
                <td><x-word.number :path="$at.'/parts/'.$index.'/half_mm'" :value="round($part->halfMm ?? $part->kind->halfThicknessMm, 1)"
                    :label="$t('pages/pot-more.half-the-thickness-of-a-piece', part: $part->name)" min="1" max="80" step="0.5" /> {{
                        $t('pages/pot-more.mm')
                        }}</td>
                <td><button type="button" class="small-button" data-mend data-path="{{ $list }}:remove:{{ $index }}" data-value="null"
                    aria-label="{{ $t('pages/pot-more.remove-2', part: $part->name) }}">{{ $t('pages/pot-more.remove') }}</button></td>
            </tr>
        @endforeach
    </tbody>
</table>
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.another-part') }}</summary>
    <form data-add="{{ $list }}">
        <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.kind-2') }} <select name="kind">@foreach ($d->craft->fillings->all as $kind)<option value="{{ $kind->id
            }}">{{ $kind->name
            }}</option>@endforeach</select></label>
        <label>{{ $t('pages/pot-more.times-the-raw-rice') }} <input name="of_rice" type="number" min="0.01" max="8" step="0.01" value="0.3"
            required></label>
        <label>{{ $t('pages/pot-more.one-weighs-g-if-it-comes') }} <input name="piece_g" type="number" min="5" max="2000" step="1"></label>
        <button class="quiet">{{ $t('pages/pot-more.put-it') }}</button>
    </form>
</details>
@if ($f->marinade !== null && ($times = $f->marinadeTimes()) !== null)
    <p><x-sentence says="pages/pot-more.is-marinated">
        <x-slot:minutes><x-word.number :path="$at.'/marinade/minutes'" :value="$f->marinade->minutes"
            :label="$t('pages/pot-more.marinade-minutes')" min="5" max="2880" step="5" /></x-slot>
        <x-slot:acid><x-word.choice :path="$at.'/marinade/acid'" :options="$say->options(Orbek\Core\Filling\Acid::cases())"
            :value="$f->marinade->acid->value" :label="$t('pages/pot-more.acid-in-the-marinade')" /></x-slot>
        <x-slot:yogurt><x-word.choice :path="$at.'/marinade/yogurt'" :options="$say->options(Orbek\Core\Filling\Yogurt::cases())"
            :value="$f->marinade->yogurt->value" :label="$t('pages/pot-more.yogurt-in-the-marinade')" /></x-slot>
        <x-slot:papaya><x-word.number :path="$at.'/marinade/papaya_percent'" :value="round($f->marinade->papayaPercent, 1)"
            :label="$t('pages/pot-more.green-papaya-of-the-meat')" min="0" max="6" step="0.5" /></x-slot>
        </x-sentence>
        <span class="small">{{ $t('pages/pot-more.marinade-times', least: $say->duration($times['least']), good:
            $say->duration($times['good']), most: $say->duration($times['most']), why: $times['why'], softens: $f->marinade->tenderFactor()
            < 1, percent: (int) round(100 * (1 - $f->marinade->tenderFactor()))) }}</span>
        <button type="button" class="small-button" data-mend data-path="{{ $at }}/marinade" data-value="null">{{
            $t('pages/pot-more.no-marinade') }}</button></p>
@else
    <p><button type="button" class="small-button" data-mend data-path="{{ $at }}/marinade"
        data-value='{"minutes": 210, "acid": "mild", "yogurt": "now"}'>{{ $t('pages/pot-more.marinate-it') }}</button></p>
@endif
@if ($f->gravy !== null)
    <p><x-sentence says="pages/pot-more.makes-gravy" :given="['left' => (int)
        round($f->gravy->grams($f->rawMass($plan->potted->raw))), 'isThick' => $f->gravy->isThick($f->rawMass($plan->potted->raw)),
        'goesIn' => ! $f->isBeside, 'isWater' => $plan->measured() !== null, 'kept' => (int) round($f->gravy->atTable() *
        $f->gravy->grams($f->rawMass($plan->potted->raw)))]">
        <x-slot:makes><x-word.number :path="$at.'/gravy/ml_per_kg'" :value="round($f->gravy->mlPerKg)"
            :label="$t('pages/pot-more.gravy-ml-a-kg', f: $f->name)" min="10" max="2000" step="10" /></x-slot>
        <x-slot:open><x-word.number :path="$at.'/gravy/open_min'" :value="$f->gravy->openMin"
            :label="$t('pages/pot-more.gravy-simmers-open-minutes', f: $f->name)" min="0" max="60" /></x-slot>
        <x-slot:in>@if (! $f->isBeside)<x-word.number :path="$at.'/gravy/with_it'" type="percent" :value="round(100 * $f->gravy->withIt)"
            :label="$t('pages/pot-more.gravy-in-with-it-per-cent', f: $f->name)" min="0" max="100" step="5" />@endif</x-slot>
        <x-slot:water>@if ($plan->measured() !== null)<x-word.number :path="$at.'/gravy/for_rice'" type="percent"
            :value="round(100 * $f->gravy->forRice)" :label="$t('pages/pot-more.gravy-as-water-of-the-rice', f: $f->name)" min="0"
            max="100" step="5" />@endif</x-slot>
        </x-sentence>
        <button type="button" class="small-button" data-mend data-path="{{ $at
            }}/gravy" data-value="null" aria-label="{{ $t('pages/pot-more.no-gravy-apart', f: $f->name) }}">{{
            $t('pages/pot-more.none-apart') }}</button></p>
@else
    <p><button type="button" class="small-button" data-mend data-path="{{ $at }}/gravy"
        data-value='{"ml_per_kg": 400, "open_min": 0, "with_it": {{ $f->isBeside ? 0 : 0.3 }}}' aria-label="{{
            $t('pages/pot-more.part-its-gravy-2', f: $f->name) }}">{{ $t('pages/pot-more.part-its-gravy') }}</button></p>
@endif
@include('pot.more.steps', ['steps' => $f->steps, 'of' => $f->name, 'goIn' => $goIn($f),
    'list' => 'steps'.($place === 0 ? '' : '-'.($place + 1))])
</section>
@endforeach
@if ($d->fillings->isNone())<p class="small">{{ $t('pages/pot-more.nothing-in-it-rice-alone') }}</p>@endif
@if (count($d->fillings->all) < Orbek\Core\Dish\Fillings::MOST)
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.another-filling') }}</summary>
    <form data-add="fillings">
        <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.kind-2') }} <select name="kind">@foreach ($d->craft->fillings->all as $kind)<option value="{{ $kind->id
            }}">{{ $kind->name
            }}</option>@endforeach</select></label>
        <label>{{ $t('pages/pot-more.times-the-raw-rice') }} <input name="of_rice" type="number" min="0.01" max="8" step="0.01" value="0.5"
            required></label>
        <label class="tick"><input type="checkbox" name="beside" data-flag> {{ $t('pages/pot-more.cooked-beside-the-pot-served') }}</label>
        <button class="quiet">{{ $t('pages/pot-more.put-it') }}</button>
    </form>
</details>
@endif
