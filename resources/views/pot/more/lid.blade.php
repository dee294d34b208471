<p>Over the top before the lid: <x-word.number path="lid/sprinkled_ml_per_kg" :value="round($d->lid->sprinkledMlPerKg)"
    label="Water or milk over the top, ml a kg of rice" min="0" max="500" step="10" /> ml of water or milk for each kg of raw rice.</p>
@if ($d->build->poured !== [])
    <table class="parts">
        <thead><tr><th scope="col">poured over</th><th scope="col">a kg of rice</th><th scope="col">fat in it</th><th scope="col">when</th>
            <th scope="col"><span class="visually-hidden">change</span></th></tr></thead>
        <tbody>
            @foreach ($d->build->poured as $index => $one)
                <tr>
                    <th scope="row">{{ $one->name }} <span class="small">{{ round($one->ml($plan->potted->raw)) }} ml</span></th>
                    <td><x-word.number :path="'poured/'.$index.'/ml_per_kg'" :value="round($one->mlPerKg)"
                        :label="$one->name.': ml a kg of rice'" min="1" max="500" step="1" /> ml</td>
                    <td><x-word.number :path="'poured/'.$index.'/fat_share'" type="percent" :value="round(100 * $one->fatShare)"
                        :label="$one->name.': fat in it, per cent'" min="0" max="100" step="5" /> %</td>
                    <td><x-word.choice :path="'poured/'.$index.'/after'" type="flag" :options="['0' => 'before the lid', '1' =>
                        'after the heat']" :value="$one->isAfter ? '1' : '0'" :label="$one->name.': when it is poured'" /></td>
                    <td><button type="button" class="small-button" data-mend data-path="poured:remove:{{ $index }}" data-value="null"
                        aria-label="{{ $one->name }}: remove">Remove</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if (count($d->build->poured) < Orbek\Core\Dish\Poured::MOST)
<details class="adding" data-keep-open><summary>Pour something over the rice</summary>
    <form data-add="poured">
        <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>Millilitres a kg of rice <input name="ml_per_kg" type="number" min="1" max="500" step="1" value="100" required></label>
        <label>Share of it fat, 0 to 1 <input name="fat_share" type="number" min="0" max="1" step="0.05" value="0"></label>
        <button class="quiet">Pour it</button>
    </form>
</details>
@endif
@if ($plan->potted->second() !== null)
    <p>The {{ $plan->potted->second()->place->pot->name }} takes {{ round(100 * $plan->potted->second()->place->share) }} % of it on {{
        $plan->potted->second()->place->ring->name }}: {{
        number_format($plan->potted->second()->section->freeCm(), 1) }} cm stay free there. <button type="button" class="small-button"
            data-mend
        data-path="lid/second" data-value="null">One pot only</button></p>
@endif
<x-amounts :ingredients="$parts[$station->value] ?? []" />
