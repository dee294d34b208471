<x-drawing.pot :$plan :scale="5.6" :labels="false" />
<div class="entry">
<h2><a href="{{ route($cook->served_at === null ? 'cook' : 'cook.record', $cook, false) }}">{{ $cook->name }}</a></h2>
<p class="under">{{ $cook->started_at->setTimezone($plan->kitchen->site->timezone)->format('l j F Y') }}, for {{ $plan->dish->table->eaters
    }}, {{
    $say->amount($plan->totals->rice()) }} of rice</p>
