<p class="sentence">Amounts in <x-word.picked name="units" label="Amounts in" :options="$say->options(Orbek\Core\Measure\Units::cases())"
    :value="$of('units', 'grams')" />; a cup is <x-word.picked name="cup" label="A cup is"
    :options="collect(Orbek\Core\Measure\Cup::cases())->mapWithKeys(fn ($case) => [$case->value =>
    $say->label($case).', '.round($case->millilitres()).' ml'])" :value="$of('cup', 'metric')" />, the salt <x-word.picked name="salt"
    label="The salt is" :options="['fine' => 'fine', 'coarse' => 'coarse', 'flakes' => 'in flakes']" :value="$of('salt', 'fine')" />;
    temperatures in <x-word.picked name="degrees" label="Temperatures in" :options="$say->options(Orbek\Core\Measure\Degrees::cases())"
    :value="$of('degrees', 'celsius')" />, a clock of <x-word.picked name="hours" label="Hours of the clock" :options="['24' => '24 hours',
    '12' => '12 hours']" :value="$of('hours', '24')" />, a week that begins on <x-word.picked name="week_starts" label="The week begins on"
    :options="$say->options(Orbek\Core\Measure\Weekday::cases())" :value="$of('week_starts', 'monday')" />.</p>
