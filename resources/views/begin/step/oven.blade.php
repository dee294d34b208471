<p class="sentence"><x-sentence says="pages/begin.sentence-oven">
    <x-slot:oven><x-word.picked name="oven" :label="$t('pages/begin.oven')" :options="['0' => $t('pages/begin.no-oven'),
        '1' => $t('pages/begin.an-oven')]" :value="$of('oven', '0')" /><span class="if-oven"> <x-sentence says="pages/begin.oven-goes">
        <x-slot:least><x-word.typed name="least_c" :label="$t('pages/begin.oven-least')" :value="$of('least_c')" min="30" max="400"
            step="5" else="50" /></x-slot>
        <x-slot:most><x-word.typed name="most_c" :label="$t('pages/begin.oven-most')" :value="$of('most_c')" min="80" max="600" step="5"
            else="250" /></x-slot>
        <x-slot:sign><x-word.picked name="oven_in" :label="$t('pages/begin.degrees')"
            :options="['celsius' => '°C', 'fahrenheit' => '°F']" :value="$of('oven_in', 'celsius')" /></x-slot>
    </x-sentence></span></x-slot>
    <x-slot:cooker><x-word.picked name="cooker" :label="$t('pages/begin.rice-cooker')" :options="['0' =>
        $t('pages/begin.no-rice-cooker'), '1' => $t('pages/begin.a-rice-cooker')]" :value="$of('cooker', '0')" /><span
        class="if-cooker"> <x-sentence says="pages/begin.cooker-takes">
        <x-slot:cups><x-word.typed name="cooker_cups" :label="$t('pages/begin.cups-of-raw-rice')" :value="$of('cooker_cups')" min="2"
            max="20" step="0.5" else="5.5" /></x-slot>
        <x-slot:ml><x-word.typed name="cooker_cup_ml" :label="$t('pages/begin.its-own-cup-ml')" :value="$of('cooker_cup_ml')" min="50"
            max="400" step="5" else="180" /></x-slot>
        <x-slot:watts><x-word.typed name="cooker_watts" :label="$t('pages/begin.its-power-w')" :value="$of('cooker_watts')" min="100"
            max="5000" step="10" else="650" /></x-slot>
        <x-slot:warm><x-word.picked name="keeps_warm" :label="$t('pages/begin.whether-it-keeps-warm')" :options="['1' =>
            $t('pages/begin.keeps-warm'), '0' => $t('pages/begin.does-not-keep-warm')]" :value="$of('keeps_warm', '1')" /></x-slot>
    </x-sentence></span></x-slot>
</x-sentence></p>
