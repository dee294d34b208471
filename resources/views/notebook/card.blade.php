<x-drawing.pot :$plan :scale="5.6" :labels="false" />
<div class="entry">
<h2><a href="{{ route($cook->served_at === null ? 'cook' : 'cook.record', $cook, false) }}">{{ $cook->name }}</a></h2>
<p class="under">{{ $t('pages/notebook.for-of-rice', startedAt:
    $say->dated($cook->started_at->setTimezone($plan->kitchen->site->timezone), 'day-year'), eaters: $plan->dish->table->eaters, rice:
    $say->amount($plan->totals->rice())) }}</p>
