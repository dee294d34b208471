<x-sentence says="pages/pot.sentence-rice" :given="['sign' => $say->reading()->degrees->sign()]">
    <x-slot:bag><x-word.choice path="rice/lot" :options="$bags" :value="$d->grain->rice->bag" :label="$t('pages/pot.bag-of-rice')"
        /></x-slot>
    <x-slot:rinses><x-word.number path="rice/rinses" :value="$d->grain->rice->rinses" :label="$t('pages/pot.rinses')" min="0" max="10"
        /></x-slot>
    <x-slot:minutes><x-word.number path="rice/soak/minutes" :value="round($d->grain->rice->soak->minutes)"
        :label="$t('pages/pot.soak-minutes')" min="0" max="2880" step="5" /></x-slot>
    <x-slot:degrees><x-word.number path="rice/soak/celsius" :value="round($say->reading()->degrees($d->grain->rice->soak->celsius), 1)"
        :label="$t('pages/pot.soak', reading: $say->reading()->degrees->sign())" :min="round($say->reading()->degrees(0))"
        :max="round($say->reading()->degrees(60))" /></x-slot>
    <x-slot:salt><x-word.salt path="rice/soak/salt_g_per_l" :grams="$d->grain->rice->soak->saltGPerL"
        :label="$t('pages/pot.salt-in-the-soak')" most="80" :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-litre')" /></x-slot>
</x-sentence>
