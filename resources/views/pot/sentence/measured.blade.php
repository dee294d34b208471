<x-sentence says="pages/pot.sentence-measured" :given="['how' => strtr($d->grain->cooking->value, '-', '_')]">
    <x-slot:pot><x-word.choice path="water/pot" :options="$d->grain->cooking->takesCooker() ? $cookers : $pots"
        :value="$d->grain->water->pot" :label="$d->grain->cooking->takesCooker() ? $t('pages/pot.rice-cooker')
        : $t('pages/pot.pot-for-the-rice')" /></x-slot>
    <x-slot:ring><x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring"
        :label="$t('pages/pot.ring-for-the-rice')" /></x-slot>
    <x-slot:toast><x-word.number path="water/toast_min" :value="$d->grain->water->toastMin" :label="$t('pages/pot.toasted-in-fat-minutes')"
        min="0" max="5" /></x-slot>
    <x-slot:stage><x-word.choice path="water/stage" :options="$say->options(Orbek\Core\Rice\Stage::cases(), 'words')"
        :value="$d->grain->water->stage->value" :label="$t('pages/pot.target-stage')" /></x-slot>
    <x-slot:open><x-word.number path="water/open_min" :value="$d->grain->water->openMin" :label="$t('pages/pot.simmers-open-minutes')"
        min="0" max="60" /></x-slot>
    <x-slot:liquid><x-figure :figure="$plan->measured()->water" /></x-slot>
    <x-slot:broth><x-word.number path="water/broth_per_rice" :value="round($d->grain->water->brothPerRice, 2)"
        :label="$t('pages/pot.broth-times-the-raw-rice')" min="0" max="3" step="0.1" /></x-slot>
    <x-slot:salt><x-word.salt path="water/salt_g_per_l" :grams="$d->grain->water->saltGPerL" :label="$t('pages/pot.salt-in-the-water')"
        most="50" :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-litre')" /></x-slot>
    <x-slot:inAll><x-figure :figure="$plan->measured()->salt" /></x-slot>
    <x-slot:share><x-figure :figure="$plan->salting->percent()" /></x-slot>
</x-sentence>
