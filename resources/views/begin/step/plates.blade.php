<p class="sentence"><x-sentence says="pages/begin.sentence-plates">
    <x-slot:which><x-word.picked name="which" :label="$t('pages/begin.what-can-lie-under-a-pot')" :options="['none' =>
        $t('pages/begin.nothing'), 'tava' => $t('pages/begin.a-tava-or-an-iron-plate'), 'diffuser' => $t('pages/begin.a-diffuser')]"
        :value="$of('which', 'none')" /><span class="if-plate"> <x-sentence says="pages/begin.of-weight">
        <x-slot:kg><x-word.typed name="kg" :label="$t('pages/begin.its-weight-kg')" :value="$of('kg')" min="0.1" max="10" step="0.1"
            else="1.6" /></x-slot>
    </x-sentence></span></x-slot>
</x-sentence></p>
<p class="small">{{ $t('pages/begin.it-spreads-the-heat-and-holds') }}</p>
