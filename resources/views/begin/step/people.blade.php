<p class="sentence"><x-sentence says="pages/begin.sentence-people">
    <x-slot:eaters><x-word.typed name="eaters" :label="$t('pages/begin.how-many-eat')" :value="$of('eaters')" min="1" max="60" step="1"
        else="4" /></x-slot>
    <x-slot:hands><x-word.picked name="hands" :label="$t('pages/begin.pairs-of-hands-that-cook')" :options="['1' =>
        $t('pages/begin.one-cooks'), '2' => $t('pages/begin.two-cook'), '3' => $t('pages/begin.three-cook'), '4' =>
        $t('pages/begin.four-cook')]" :value="$of('hands', '1')" /></x-slot>
    <x-slot:thermometer><x-word.picked name="thermometer" :label="$t('pages/begin.thermometer')" :options="['0' =>
        $t('pages/begin.no-thermometer'), '1' => $t('pages/begin.a-thermometer')]" :value="$of('thermometer', '0')" /></x-slot>
    <x-slot:scale><x-word.picked name="scale" :label="$t('pages/begin.scale')" :options="['1' => $t('pages/begin.a-scale'), '0' =>
        $t('pages/begin.no-scale')]" :value="$of('scale', '1')" /></x-slot>
    <x-slot:tray><x-word.typed name="tray_cm2" :label="$t('pages/begin.area-of-the-tray-for-drained')" :value="$of('tray_cm2')" min="100"
        max="10000" step="10" else="–" /></x-slot>
</x-sentence></p>
