<p>Over the top before the lid: <x-word.number path="lid/sprinkled_ml_per_kg" :value="round($d->lid->sprinkledMlPerKg)" label="Water or milk over the top, ml a kg of rice" min="0" max="500" step="10" /> ml of water or milk for each kg of raw rice.</p>
@php $second = $plan->potted->second(); @endphp
@if ($second !== null)
    <p>The {{ $second->place->pot->name }} takes {{ round(100 * $second->place->share) }} % of it on {{ $second->place->ring->name }}: {{ number_format($second->section->freeCm(), 1) }} cm stay free there. <button type="button" class="small-button" data-mend data-path="lid/second" data-value="null">One pot only</button></p>
@endif
<x-amounts :ingredients="$parts[$station->value] ?? []" />
