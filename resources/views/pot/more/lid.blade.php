<p>Over the top before the lid: <x-word.number path="lid/sprinkled_ml_per_kg" :value="round($d->lid->sprinkledMlPerKg)" label="Water or milk over the top, ml a kg of rice" min="0" max="500" step="10" /> ml of water or milk for each kg of raw rice.</p>
@if ($plan->second !== null)
    <p>The {{ $plan->second->section->pot->name }} takes {{ round(100 * $plan->second->share) }} % of it on {{ $plan->kitchen->burner($plan->second->burner, 'lid/second/burner')->name }}: {{ number_format($plan->second->section->freeCm(), 1) }} cm stay free there. <button type="button" class="small-button" data-mend data-path="lid/second" data-value="null">One pot only</button></p>
@endif
<x-amounts :ingredients="$parts[$station->value] ?? []" />
