<x-layouts.place :title="$t('pages/kitchen.rice-by-absorption')" place="kitchen">
    <div class="page absorption" x-data="resubmits" x-on:change="submit()">
        <h1>{{ $t('pages/kitchen.rice-by-absorption') }}</h1>
        <p class="under">{{ $t('pages/kitchen.one-pot-a-cooker-or-quick') }}</p>
        <form method="get" action="{{ route('absorption') }}" x-ref="form" class="sentence">
            <x-sentence says="pages/kitchen.absorbed">
                <x-slot:raw><x-word.plain-number name="raw_g" :value="$given['raw_g']" :label="$t('pages/kitchen.raw-rice-g')" min="20"
                    max="10000" /></x-slot>
                <x-slot:bag><x-word.plain-choice name="lot" :options="collect($home->pantry->bags)->map(fn ($bag) => $bag->name)"
                    :value="$words['lot']" :label="$t('pages/kitchen.bag-of-rice')" /></x-slot>
                <x-slot:soakMin><x-word.plain-number name="soak_min" :value="$given['soak_min']" :label="$t('pages/kitchen.soak-minutes')"
                    min="0" max="2880" /></x-slot>
                <x-slot:soakAt><x-word.plain-number name="soak_c" :value="$given['soak_c']" :label="$t('pages/kitchen.soak', reading:
                    $say->reading()->degrees->sign())" :min="round($say->reading()->degrees(0))" :max="round($say->reading()->degrees(60))"
                    /> {{ $say->reading()->degrees->sign() }}</x-slot>
                <x-slot:openMin><x-word.plain-number name="open_min" :value="$given['open_min']"
                    :label="$t('pages/kitchen.open-simmer-minutes')" min="0" max="120" /></x-slot>
                <x-slot:ring><x-word.plain-choice name="burner" :options="collect($home->equipment->rings)->map(fn ($ring) =>
                    $ring->label())" :value="$words['burner']" :label="$t('pages/kitchen.ring')" /></x-slot>
                <x-slot:setting><x-word.plain-number name="setting" :value="$given['setting']"
                    :label="$t('pages/kitchen.setting-per-cent')" min="0" max="100" /></x-slot>
                <x-slot:coveredMin><x-word.plain-number name="covered_min" :value="$given['covered_min']"
                    :label="$t('pages/kitchen.covered-minutes')" min="0" max="180" /></x-slot>
                <x-slot:seal><x-word.plain-choice name="seal" :options="array_column(app(Orbek\Core\Dish\Craft::class)->seals->all,
                    'name', 'id')" :value="$words['seal']" :label="$t('pages/kitchen.seal')" /></x-slot>
                <x-slot:folded><x-word.plain-choice name="folded" :options="['0' => $t('pages/kitchen.no-wet-filling'), '1' =>
                    $t('pages/kitchen.a-wet-filling')]" :value="$words['folded']" :label="$t('pages/kitchen.wet-filling')" /></x-slot>
                <x-slot:filling><x-word.plain-number name="filling_g" :value="$given['filling_g']"
                    :label="$t('pages/kitchen.free-water-of-the-filling-g')" min="0" max="10000" /></x-slot>
                <x-slot:broth><x-word.plain-number name="broth_g" :value="$given['broth_g']" :label="$t('pages/kitchen.broth-g')" min="0"
                    max="20000" /></x-slot>
                <x-slot:cup><x-word.plain-choice name="cup" :options="collect(Orbek\Core\Measure\Cup::cases())->mapWithKeys(fn ($cup) =>
                    [$cup->value => $say->label($cup)])" :value="$words['cup']" :label="$t('pages/kitchen.cup')" /></x-slot>
            </x-sentence>
            <noscript><button class="act">{{ $t('pages/kitchen.reckon') }}</button></noscript>
        </form>
        @if ($absorption->isTooWet)
            <p class="clash">{{ $t('pages/kitchen.the-filling-alone-brings-more-water') }}</p>
        @endif
        <div class="strong-figure"><x-figure :figure="$absorption->beside" plain /><span><x-sentence
            says="pages/kitchen.beside-the-broth"><x-slot:cups><x-figure :figure="$absorption->inCups" /></x-slot></x-sentence></span></div>
        <div class="lead"><x-sentence says="pages/kitchen.all-liquid"><x-slot:all><x-figure :figure="$absorption->water"
            /></x-slot><x-slot:line><x-figure :figure="$absorption->cookerMark" /></x-slot></x-sentence></div>
        <x-caution :caution="Orbek\Core\Care\Caution::CookedRice" />
    </div>
</x-layouts.place>
