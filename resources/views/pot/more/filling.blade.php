<x-amounts :ingredients="$parts[$station->value] ?? []" />
@foreach ($d->fillings->all as $place => $f)
@php $at = "fillings/{$place}"; $list = $place === 0 ? 'parts' : 'parts-'.($place + 1); $many = count($d->fillings->all) > 1; @endphp
<section class="a-filling" aria-label="{{ $f->name }}">
@if ($many || $f->isBeside)<h3>{{ Str::ucfirst($f->name) }}</h3>@endif
<p class="small">{{ $f->isBeside ? 'Cooked beside the pot, put on at the plate.' : 'In the pot, cooked to '.round(100 *
    $f->ready).' % when it is layered.' }}
    @if ($place > 0 || $f->isBeside)Cooked to <x-word.number :path="$at.'/ready'" type="percent" :value="round(100 * $f->ready)"
        :label="$f->name.': cooked to, per cent'" min="0" max="100" /> %, <x-word.choice :path="$at.'/wetness'"
        :options="$say->options(Orbek\Core\Filling\Wetness::cases())" :value="$f->wetness->value" :label="$f->name.': how wet'" />.@endif
    @if ($f->canHaveBite() && ! $f->isBeside)Wanted <x-word.choice :path="$at.'/bite'" type="flag" :options="['0' => 'tender', '1' =>
        'with bite']" :value="$f->hasBite ? '1' : '0'" :label="$f->name.': tender or with bite'" />.@endif
    <button type="button" class="small-button" data-mend data-path="fillings:beside:{{ $place }}" data-value="{{ $f->isBeside ? 'false' :
        'true' }}">{{ $f->isBeside ? 'Into the pot' : 'Serve it beside' }}</button>
    <button type="button" class="small-button" data-mend data-path="fillings:remove:{{ $place }}" data-value="null"
        aria-label="Take it out: {{ $f->name }}">Take it out</button></p>
<table class="parts">
    <thead><tr><th scope="col">part</th><th scope="col">kind</th><th scope="col">of the rice</th><th scope="col">half a piece</th><th
        scope="col"><span class="visually-hidden">change</span></th></tr></thead>
    <tbody>
        @foreach ($f->parts as $index => $part)
            <tr>
                <th scope="row"><x-word.text :path="$at.'/parts/'.$index.'/name'" :value="$part->name" :label="$part->name.': its name'"
                    /></th>
                <td><x-word.choice :path="$at.'/parts/'.$index.'/kind'" :options="collect($d->craft->fillings->all)->map(fn ($kind) =>
                    $kind->name)" :value="$part->kind->id" :label="$part->name.': kind'" /></td>
                <td><x-word.number :path="$at.'/parts/'.$index.'/of_rice'" :value="round($part->ofRice, 2)"
                    :label="$part->name.': times the raw rice'" min="0.01" max="8" step="0.01" /> ×</td>
                <td><x-word.number :path="$at.'/parts/'.$index.'/half_mm'" :value="round($part->halfMm ?? $part->kind->halfThicknessMm, 1)"
                    :label="$part->name.': half the thickness of a piece, mm'" min="1" max="80" step="0.5" /> mm</td>
                <td><button type="button" class="small-button" data-mend data-path="{{ $list }}:remove:{{ $index }}" data-value="null"
                    aria-label="{{ $part->name }}: remove">Remove</button></td>
            </tr>
        @endforeach
    </tbody>
</table>
<details class="adding" data-keep-open><summary>Another part</summary>
    <form data-add="{{ $list }}">
        <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Kind <select name="kind">@foreach ($d->craft->fillings->all as $kind)<option value="{{ $kind->id }}">{{ $kind->name
            }}</option>@endforeach</select></label>
        <label>Times the raw rice <input name="of_rice" type="number" min="0.01" max="8" step="0.01" value="0.3" required></label>
        <label>One weighs, g, if it comes whole <input name="piece_g" type="number" min="5" max="2000" step="1"></label>
        <button class="quiet">Put it in</button>
    </form>
</details>
@if ($f->marinade !== null && ($times = $f->marinadeTimes()) !== null)
    <p>Marinade: <x-word.number :path="$at.'/marinade/minutes'" :value="$f->marinade->minutes" label="Marinade, minutes" min="5" max="2880"
        step="5" /> min,
        <x-word.choice :path="$at.'/marinade/acid'" :options="$say->options(Orbek\Core\Filling\Acid::cases())"
            :value="$f->marinade->acid->value"
            label="Acid in the marinade" />,
        <x-word.choice :path="$at.'/marinade/yogurt'" :options="$say->options(Orbek\Core\Filling\Yogurt::cases())"
            :value="$f->marinade->yogurt->value" label="Yogurt in the marinade" />,
        green papaya <x-word.number :path="$at.'/marinade/papaya_percent'" :value="round($f->marinade->papayaPercent, 1)"
            label="Green papaya, % of the meat" min="0" max="6" step="0.5" /> %.
        <span class="small">{{ $say->duration($times['least']) }} at least, {{ $say->duration($times['good']) }} is good, {{
            $say->duration($times['most']) }} at most: {{ $times['why'] }}.{{ $f->marinade->tenderFactor() < 1 ? ' It takes '.round(100 * (1
            - $f->marinade->tenderFactor())).' % off the time to tender.' : '' }}</span>
        <button type="button" class="small-button" data-mend data-path="{{ $at }}/marinade" data-value="null">No marinade</button></p>
@else
    <p><button type="button" class="small-button" data-mend data-path="{{ $at }}/marinade"
        data-value='{"minutes": 210, "acid": "mild", "yogurt": "now"}'>Marinate it</button></p>
@endif
@if ($f->gravy !== null)
    <p>It makes <x-word.number :path="$at.'/gravy/ml_per_kg'" :value="round($f->gravy->mlPerKg)" :label="$f->name.': gravy, ml a kg'"
        min="10" max="2000" step="10" /> ml of gravy a kg, simmered open <x-word.number :path="$at.'/gravy/open_min'"
        :value="$f->gravy->openMin" :label="$f->name.': gravy simmers open, minutes'" min="0" max="60" /> min: <strong>{{
            round($f->gravy->grams($f->rawMass($plan->potted->raw))) }}
        ml</strong> are left{{ $f->gravy->isThick($f->rawMass($plan->potted->raw)) ? ', thick' : '' }}.
        @if (! $f->isBeside)<x-word.number :path="$at.'/gravy/with_it'" type="percent" :value="round(100 * $f->gravy->withIt)"
            :label="$f->name.': gravy in with it, per cent'" min="0" max="100" step="5" /> % goes in with it,@endif
        @if ($plan->measured() !== null)<x-word.number :path="$at.'/gravy/for_rice'" type="percent" :value="round(100 * $f->gravy->forRice)"
            :label="$f->name.': gravy as water of the rice, per cent'" min="0" max="100" step="5" /> % is the rice’s water,@endif
        {{ round($f->gravy->atTable() * $f->gravy->grams($f->rawMass($plan->potted->raw))) }} ml are kept for the table.
        <button type="button" class="small-button" data-mend data-path="{{ $at }}/gravy" data-value="null" aria-label="{{ $f->name
            }}: no gravy apart">None apart</button></p>
@else
    <p><button type="button" class="small-button" data-mend data-path="{{ $at }}/gravy"
        data-value='{"ml_per_kg": 400, "open_min": 0, "with_it": {{ $f->isBeside ? 0 : 0.3 }}}' aria-label="{{ $f->name
        }}: part its gravy">Part its gravy</button></p>
@endif
@include('pot.more.steps', ['steps' => $f->steps, 'of' => $f->name, 'goIn' => $goIn($f),
    'list' => 'steps'.($place === 0 ? '' : '-'.($place + 1))])
</section>
@endforeach
@if ($d->fillings->isNone())<p class="small">Nothing in it: rice alone.</p>@endif
@if (count($d->fillings->all) < Orbek\Core\Dish\Fillings::MOST)
<details class="adding" data-keep-open><summary>Another filling</summary>
    <form data-add="fillings">
        <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Kind <select name="kind">@foreach ($d->craft->fillings->all as $kind)<option value="{{ $kind->id }}">{{ $kind->name
            }}</option>@endforeach</select></label>
        <label>Times the raw rice <input name="of_rice" type="number" min="0.01" max="8" step="0.01" value="0.5" required></label>
        <label class="tick"><input type="checkbox" name="beside" data-flag> cooked beside the pot, served with it</label>
        <button class="quiet">Put it in</button>
    </form>
</details>
@endif
