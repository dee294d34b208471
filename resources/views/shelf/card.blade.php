<a href="{{ route('pot', $dish, false) }}" class="dish">
    <x-drawing.pot :$plan :scale="9.4" :labels="false" />
    <h2>{{ $dish->name }}</h2>
</a>
<p>{{ $plan->dish->school->label }}</p>
<p class="facts">for <strong>{{ $plan->dish->table->eaters }}</strong>, <strong>{{ $plan->totals->rice()->text() }}</strong> of rice in the <strong>{{ $plan->pot()->name }}</strong>;
    start <strong>{{ $say->time($plan->day->at($plan->day->schedule->firstStart())) }}</strong> for the table at <strong>{{ $plan->day->tableAt->format('D') }} {{ $say->time($plan->day->tableAt) }}</strong></p>
@foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
@foreach (array_slice($plan->faults(), 0, 1) as $fault)<p class="clash">{{ $fault->says() }}</p>@endforeach
