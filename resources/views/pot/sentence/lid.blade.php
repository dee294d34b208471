<x-sentence says="pages/pot.sentence-lid" :given="['isCooker' => $plan->pot()->cooker !== null,
    'isIn' => $d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker, 'name' => $plan->pot()->name]">
    <x-slot:seal>@if ($plan->pot()->cooker === null)<x-word.choice path="lid/seal"
        :options="array_column($d->craft->seals->all, 'name', 'id')" :value="$d->lid->seal->id" :label="$t('pages/pot.seal')"
        />@endif</x-slot>
    <x-slot:pot>@if ($d->grain->cooking !== Orbek\Core\Dish\Cooking::InCooker)<x-word.choice path="lid/pot" :options="$pots"
        :value="$d->lid->pot" :label="$t('pages/pot.pot-to-steam')" />@endif</x-slot>
</x-sentence>
