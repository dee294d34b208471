<x-layouts.place title="Rice by absorption" place="kitchen">
    <div class="page absorption" x-data="resubmits" x-on:change="submit()">
        <h1>Rice by absorption</h1>
        <p class="under">One pot, a cooker, or quick beside yesterday's filling: the water is measured and nothing is drained.</p>
        <form method="get" action="{{ route('absorption') }}" x-ref="form" class="sentence">
            <x-word.plain-number name="raw_g" :value="$given['raw_g']" label="Raw rice, g" min="20" max="10000" /> g of
            <x-word.plain-choice name="lot" :options="collect($home->pantry->bags)->map(fn ($bag) => $bag->name)" :value="$words['lot']"
                label="Bag of rice" />,
            soaked <x-word.plain-number name="soak_min" :value="$given['soak_min']" label="Soak, minutes" min="0" max="2880" /> min at
                <x-word.plain-number name="soak_c" :value="$given['soak_c']" :label="'Soak, '.$say->reading()->degrees->sign()"
                :min="round($say->reading()->degrees(0))" :max="round($say->reading()->degrees(60))" /> {{ $say->reading()->degrees->sign()
                }};
            simmered open for <x-word.plain-number name="open_min" :value="$given['open_min']" label="Open simmer, minutes" min="0"
                max="120" /> min
            on <x-word.plain-choice name="burner" :options="collect($home->equipment->rings)->map(fn ($ring) => $ring->label())"
                :value="$words['burner']" label="Ring" /> at <x-word.plain-number name="setting" :value="$given['setting']"
                label="Setting, per cent" min="0" max="100" /> %,
            then <x-word.plain-number name="covered_min" :value="$given['covered_min']" label="Covered, minutes" min="0" max="180" /> min
                lowest under <x-word.plain-choice name="seal" :options="array_column(app(Orbek\Core\Dish\Craft::class)->seals->all,
                'name', 'id')" :value="$words['seal']" label="Seal" />.
            <x-word.plain-choice name="folded" :options="['0' => 'No wet filling', '1' => 'A wet filling']" :value="$words['folded']"
                label="Wet filling" /> is folded in; what is in the pot brings <x-word.plain-number name="filling_g"
                :value="$given['filling_g']" label="Free water of the filling, g" min="0" max="10000" /> g of free water.
            Broth there is: <x-word.plain-number name="broth_g" :value="$given['broth_g']" label="Broth, g" min="0" max="20000" /> g.
                Measured in <x-word.plain-choice name="cup" :options="collect(Orbek\Core\Measure\Cup::cases())->mapWithKeys(fn ($cup) =>
                [$cup->value => $say->label($cup)])" :value="$words['cup']" label="Cup" />.
            <noscript><button class="act">Reckon</button></noscript>
        </form>
        @if ($absorption->isTooWet)
            <p class="clash">The filling alone brings more water than this rice can take: cook it down, or take more rice.</p>
        @endif
        <div class="strong-figure"><x-figure :figure="$absorption->beside" plain /><span>of water beside the broth,<br><x-figure
            :figure="$absorption->inCups" /></span></div>
        <div class="lead">All liquid together <x-figure :figure="$absorption->water" />. In a cooker that is its line <x-figure
            :figure="$absorption->cookerMark" />.</div>
        <x-caution :caution="Orbek\Core\Care\Caution::CookedRice" />
    </div>
</x-layouts.place>
