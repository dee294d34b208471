<p class="sentence"><x-sentence says="pages/begin.sentence-place">
    <x-slot:name><input class="word" name="name" maxlength="80" aria-label="{{ $t('pages/begin.what-the-kitchen-is-called') }}" value="{{
        $of('name') }}" placeholder="{{ $t('pages/begin.our-kitchen') }}" autocomplete="off"></x-slot>
    <x-slot:how><x-word.picked name="how" :label="$t('pages/begin.how-high')" :options="['low' => $t('pages/begin.not-high'), 'height' =>
        $t('pages/begin.so-high'), 'boil' => $t('pages/begin.where-water-boils')]" :value="$of('how', 'low')" /><span
        class="if-height">: <x-sentence says="pages/begin.metres-up">
        <x-slot:metres><x-word.typed name="altitude_m" :label="$t('pages/begin.metres-above-the-sea')" :value="$of('altitude_m')"
            min="-430" max="5500" step="1" else="0" /></x-slot>
    </x-sentence></span><span class="if-boil"> <x-word.typed name="boil_c" :label="$t('pages/begin.water-boils')" :value="$of('boil_c')"
        min="80" max="215" step="any" else="100" /> <x-word.picked name="boil_in" :label="$t('pages/begin.degrees')"
        :options="['celsius' => '°C', 'fahrenheit' => '°F']" :value="$of('boil_in', 'celsius')" /></span></x-slot>
</x-sentence></p>
<p class="small">{{ $t('pages/begin.higher-up-water-boils-cooler') }}</p>
