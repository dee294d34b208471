<input type="hidden" name="language" value="{{ $say->language() }}">
<p class="sentence"><x-sentence says="pages/begin.sentence-units">
    <x-slot:units><x-word.picked name="units" :label="$t('pages/begin.amounts-in')"
        :options="$say->options(Orbek\Core\Measure\Units::cases())" :value="$of('units', 'grams')" /></x-slot>
    <x-slot:cup><x-word.picked name="cup" :label="$t('pages/begin.a-cup-2')" :options="collect(Orbek\Core\Measure\Cup::cases())
        ->mapWithKeys(fn ($case) => [$case->value => $t('pages/kitchen.ml', cup: $case, millilitres: round($case->millilitres()))])"
        :value="$of('cup', 'metric')" /></x-slot>
    <x-slot:salt><x-word.picked name="salt" :label="$t('pages/begin.the-salt-2')"
        :options="$say->options(Orbek\Core\Measure\Salt::cases(), 'spoken')" :value="$of('salt', 'fine')" /></x-slot>
    <x-slot:degrees><x-word.picked name="degrees" :label="$t('pages/begin.temperatures-in-2')"
        :options="$say->options(Orbek\Core\Measure\Degrees::cases())" :value="$of('degrees', 'celsius')" /></x-slot>
    <x-slot:hours><x-word.picked name="hours" :label="$t('pages/begin.hours-of-the-clock')" :options="['24' => $t('pages/begin.24-hours'),
        '12' => $t('pages/begin.12-hours')]" :value="$of('hours', '24')" /></x-slot>
    <x-slot:week><x-word.picked name="week_starts" :label="$t('pages/begin.the-week-begins')"
        :options="$say->options(Orbek\Core\Measure\Weekday::cases())"
        :value="$of('week_starts', Orbek\Core\Measure\Reading::weekOfLanguage($say->language())->value)" /></x-slot>
</x-sentence></p>
