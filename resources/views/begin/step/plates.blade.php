<p class="sentence">Under a pot can lie <x-word.picked name="which" label="What can lie under a pot" :options="['none' => 'nothing', 'tava'
    => 'a tava or an iron plate', 'diffuser' => 'a diffuser']" :value="$of('which', 'none')" /><span class="if-plate"> of <x-word.typed
    name="kg" label="Its weight, kg" :value="$of('kg')" min="0.1" max="10" step="0.1" else="1.6" /> kg</span>.</p>
<p class="small">It spreads the heat and holds it back. Clay and glass need one over a flame.</p>
