<p class="sentence">It cooks in <input class="word" name="name" maxlength="80" aria-label="What the kitchen is called" value="{{ $of('name')
    }}" placeholder="Our kitchen" autocomplete="off">,
    <x-word.picked name="how" label="How high it is" :options="['low' => 'not high', 'height' => 'so high', 'boil' =>
        'where water boils at']" :value="$of('how', 'low')" /><span class="if-height">: <x-word.typed name="altitude_m"
        label="Metres above the sea" :value="$of('altitude_m')" min="-430" max="5500" step="1" else="0" /> m above the sea</span><span
        class="if-boil"> <x-word.typed name="boil_c" label="Water boils at" :value="$of('boil_c')" min="80" max="215" step="any" else="100"
        /> <x-word.picked name="boil_in" label="Degrees" :options="['celsius' => '°C', 'fahrenheit' => '°F']" :value="$of('boil_in',
        'celsius')" /></span>.</p>
<p class="small">Higher up water boils cooler and rice takes longer. A thermometer in boiling water tells the height; below 300 m it hardly
    matters.</p>
