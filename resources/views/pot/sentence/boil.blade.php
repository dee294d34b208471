<x-sentence says="pages/pot.sentence-boil" :given="['fine' => $plan->kitchen->pantry->salt,
    'isLifted' => $boil->isLiftedAt($d->grain->water->stage), 'lastStage' => $say->label($boil->last->stage, 'words'),
    'inPot' => round(100 * ($boil->isLiftedAt($d->grain->water->stage) ? $boil->liftOf($d->grain->water->stage) : $boil->last)->inPot)]">
    <x-slot:water><x-figure :figure="$boil->water" /></x-slot>
    <x-slot:pot><x-word.choice path="water/pot" :options="$pots" :value="$d->grain->water->pot" :label="$t('pages/pot.pot-to-boil')"
        /></x-slot>
    <x-slot:ring><x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring" :label="$t('pages/pot.ring-to-boil')"
        /></x-slot>
    <x-slot:salt><x-word.salt path="water/salt_g_per_l" :grams="$d->grain->water->saltGPerL" :label="$t('pages/pot.salt-in-the-water')"
        most="50" :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-litre')" /></x-slot>
    <x-slot:inAll><x-figure :figure="$boil->salt" /></x-slot>
    <x-slot:teaspoons><x-word.number path="water/salt_teaspoons"
        :value="round($plan->kitchen->pantry->salt->teaspoons(Orbek\Core\Measure\Mass::grams($boil->salt->amount)), 1)"
        :label="$t('pages/pot.salt-in-the-water-teaspoons')" min="0" max="200" step="0.1" /></x-slot>
    <x-slot:kept><x-figure :figure="$boil->saltKept" /></x-slot>
    <x-slot:share><x-figure :figure="$plan->salting->percent()" /></x-slot>
    <x-slot:oil><x-word.choice path="water/oil" type="flag" :options="['1' => $t('pages/pot.a-spoonful-of-oil'), '0' =>
        $t('pages/pot.no-oil')]" :value="$d->grain->water->oil ? '1' : '0'" :label="$t('pages/pot.oil-in-the-water')" /></x-slot>
    <x-slot:lemon><x-word.choice path="water/lemon" type="flag" :options="['1' => $t('pages/pot.a-squeeze-of-lemon'), '0' =>
        $t('pages/pot.no-lemon')]" :value="$d->grain->water->lemon ? '1' : '0'" :label="$t('pages/pot.lemon-in-the-water')" /></x-slot>
    <x-slot:spices><x-word.choice path="water/spices" :options="$say->options(Orbek\Core\Dish\Spices::cases())"
        :value="$d->grain->water->spices->value" :label="$t('pages/pot.whole-spices-in-the-water')" /></x-slot>
    <x-slot:stage>@if ($boil->isLiftedAt($d->grain->water->stage))<x-word.choice path="water/stage"
        :options="$say->options(Orbek\Core\Rice\Stage::cases(), 'words')" :value="$d->grain->water->stage->value"
        :label="$t('pages/pot.target-stage')" />@endif</x-slot>
    <x-slot:draining><x-word.choice path="water/drain" :options="$say->options(Orbek\Core\Rice\Draining::cases())"
        :value="$d->grain->water->draining->value" :label="$t('pages/pot.after-draining')" /></x-slot>
</x-sentence>
