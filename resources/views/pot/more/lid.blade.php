<p>{{ $t('pages/pot-more.over-the-top-before-the-lid') }} <x-word.number path="lid/sprinkled_ml_per_kg"
    :value="round($d->lid->sprinkledMlPerKg)"
    :label="$t('pages/pot-more.water-or-milk-over-the-top')" min="0" max="500" step="10" /> {{ $t('pages/pot-more.ml-of-water-or-milk')
        }}</p>
@if ($d->build->poured !== [])
    <table class="parts">
        <thead><tr><th scope="col">{{ $t('pages/pot-more.poured-over') }}</th><th scope="col">{{ $t('pages/pot-more.a-kg-of-rice')
            }}</th><th scope="col">{{ $t('pages/pot-more.fat-in') }}</th><th scope="col">{{ $t('pages/pot-more.when') }}</th>
            <th scope="col"><span class="visually-hidden">{{ $t('pages/pot-more.change') }}</span></th></tr></thead>
        <tbody>
            @foreach ($d->build->poured as $index => $one)
                <tr>
                    <th scope="row">{{ $one->name }} <span class="small">{{ $t('pages/pot-more.ml', ml: round($one->ml($plan->potted->raw)))
                        }}</span></th>
                    <td><x-word.number :path="'poured/'.$index.'/ml_per_kg'" :value="round($one->mlPerKg)"
                        :label="$t('pages/pot-more.ml-a-kg-of-rice', one: $one->name)" min="1" max="500" step="1" /> {{
                            $t('pages/pot-more.ml-2') }}</td>
                    <td><x-word.number :path="'poured/'.$index.'/fat_share'" type="percent" :value="round(100 * $one->fatShare)"
                        :label="$t('pages/pot-more.fat-in-it-per-cent', one: $one->name)" min="0" max="100" step="5" /> {{
                        $t('units.percent-sign') }}</td>
                    <td><x-word.choice :path="'poured/'.$index.'/after'" type="flag" :options="['0' => $t('pages/pot-more.before-the-lid'),
                        '1' =>
                        $t('pages/pot-more.after-the-heat')]" :value="$one->isAfter ? '1' : '0'"
                            :label="$t('pages/pot-more.when-it-is-poured', one: $one->name)" /></td>
                    <td><button type="button" class="small-button" data-mend data-path="poured:remove:{{ $index }}" data-value="null"
                        aria-label="{{ $t('pages/pot-more.remove-4', one: $one->name) }}">{{ $t('pages/pot-more.remove') }}</button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if (count($d->build->poured) < Orbek\Core\Dish\Poured::MOST)
<details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.pour-something-over-the-rice') }}</summary>
    <form data-add="poured">
        <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
        <label>{{ $t('pages/pot-more.millilitres-a-kg-of-rice') }} <input name="ml_per_kg" type="number" min="1" max="500" step="1"
            value="100" required></label>
        <label>{{ $t('pages/pot-more.share-of-it-fat-0') }} <input name="fat_share" type="number" min="0" max="1" step="0.05"
            value="0"></label>
        <button class="quiet">{{ $t('pages/pot-more.pour-it') }}</button>
    </form>
</details>
@endif
@if ($plan->potted->second() !== null)
    <p>{{ $t('pages/pot-more.the-takes-of-it-on-cm', pot: $plan->potted->second()->place->pot->name, share: round(100 *
        $plan->potted->second()->place->share), ring: $plan->potted->second()->place->ring->name, freeCm:
        number_format($plan->potted->second()->section->freeCm(), 1)) }} <button type="button" class="small-button"
            data-mend
        data-path="lid/second" data-value="null">{{ $t('pages/pot-more.one-pot-only') }}</button></p>
@endif
<x-amounts :ingredients="$parts[$station->value] ?? []" />
