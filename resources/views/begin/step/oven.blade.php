<p class="sentence">There is <x-word.picked name="oven" label="Oven" :options="['0' => 'no oven', '1' => 'an oven']" :value="$of('oven',
    '0')" /><span class="if-oven"> that goes from <x-word.typed name="least_c" label="Oven, least" :value="$of('least_c')" min="30"
    max="400" step="5" else="50" /> to <x-word.typed name="most_c" label="Oven, most" :value="$of('most_c')" min="80" max="600" step="5"
    else="250" /> <x-word.picked name="oven_in" label="Degrees" :options="['celsius' => '°C', 'fahrenheit' => '°F']" :value="$of('oven_in',
    'celsius')" /></span>, and <x-word.picked name="cooker" label="Rice cooker" :options="['0' => 'no rice cooker', '1' => 'a rice cooker']"
    :value="$of('cooker', '0')" /><span class="if-cooker"> for <x-word.typed name="cooker_cups" label="Cups of raw rice that it takes"
    :value="$of('cooker_cups')" min="2" max="20" step="0.5" else="5.5" /> cups of <x-word.typed name="cooker_cup_ml" label="Its own cup, ml"
    :value="$of('cooker_cup_ml')" min="50" max="400" step="5" else="180" /> ml, <x-word.typed name="cooker_watts" label="Its power, W"
    :value="$of('cooker_watts')" min="100" max="5000" step="10" else="650" /> W, which <x-word.picked name="keeps_warm"
    label="Whether it keeps warm" :options="['1' => 'keeps warm', '0' => 'does not keep warm']" :value="$of('keeps_warm', '1')"
    /></span>.</p>
