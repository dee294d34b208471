<p class="sentence">Usually <x-word.typed name="eaters" label="How many eat" :value="$of('eaters')" min="1" max="60" step="1" else="4" />
    eat and <x-word.picked name="hands" label="Pairs of hands that cook" :options="['1' => 'one cooks', '2' => 'two cook', '3' =>
    'three cook', '4' => 'four cook']" :value="$of('hands', '1')" />, with <x-word.picked name="thermometer" label="Thermometer"
    :options="['0' => 'no thermometer', '1' => 'a thermometer']" :value="$of('thermometer', '0')" />, <x-word.picked name="scale"
    label="Scale" :options="['1' => 'a scale', '0' => 'no scale']" :value="$of('scale', '1')" /> and a tray of <x-word.typed name="tray_cm2"
    label="Area of the tray for drained rice, cm²" :value="$of('tray_cm2')" min="100" max="10000" step="10" else="–" /> cm².</p>
