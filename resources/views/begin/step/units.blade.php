<input type="hidden" name="language" value="{{ $say->language() }}">
<p class="sentence">{{ $t('pages/begin.amounts-in') }} <x-word.picked name="units" :label="$t('pages/begin.amounts-in')"
    :options="$say->options(Orbek\Core\Measure\Units::cases())"
    :value="$of('units', 'grams')" />{{ $t('pages/begin.a-cup') }} <x-word.picked name="cup" :label="$t('pages/begin.a-cup-2')"
    :options="collect(Orbek\Core\Measure\Cup::cases())->mapWithKeys(fn ($case) => [$case->value =>
    $t('pages/kitchen.ml', cup: $case, millilitres: round($case->millilitres()))])" :value="$of('cup', 'metric')" />{{
        $t('pages/begin.the-salt') }}
        <x-word.picked name="salt"
    :label="$t('pages/begin.the-salt-2')" :options="['fine' => $t('pages/begin.fine'), 'coarse' => $t('pages/begin.coarse'), 'flakes' =>
        $t('pages/begin.in-flakes')]" :value="$of('salt',
        'fine')" />{{ $t('pages/begin.temperatures-in') }} <x-word.picked name="degrees" :label="$t('pages/begin.temperatures-in-2')"
        :options="$say->options(Orbek\Core\Measure\Degrees::cases())"
    :value="$of('degrees', 'celsius')" />{{ $t('pages/begin.a-clock') }} <x-word.picked name="hours"
        :label="$t('pages/begin.hours-of-the-clock')" :options="['24' => $t('pages/begin.24-hours'),
    '12' => $t('pages/begin.12-hours')]" :value="$of('hours', '24')" />{{ $t('pages/begin.a-week-that-begins') }} <x-word.picked
        name="week_starts"
        :label="$t('pages/begin.the-week-begins')"
    :options="$say->options(Orbek\Core\Measure\Weekday::cases())" 
    :value="$of('week_starts', Orbek\Core\Measure\Reading::weekOfLanguage($say->language())->value)" />.</p>
