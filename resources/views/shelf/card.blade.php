<a href="{{ route('pot', $dish, false) }}" class="dish">
    <x-drawing.pot :$plan :scale="9.4" :labels="false" />
    <h2>{{ $dish->name }}</h2>
</a>
<p>{{ $plan->dish->school->label }}</p>
<p class="facts">for <strong>{{ $plan->dish->table->eaters }}</strong>, <strong>{{ $say->amount($plan->totals->rice())
    }}</strong> of rice in the
    <strong>{{ $plan->pot()->name }}</strong>;
    <strong>{{ $say->hours(-$plan->day->busyFrom()) }}</strong> in the kitchen{{ $plan->day->schedule->firstStart() < $plan->day->busyFrom()
        ? ', begun '.$say->hours(-$plan->day->schedule->firstStart()).' before the table' : '' }}</p>
@foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
@foreach (array_slice($plan->faults(), 0, 1) as $fault)<p class="clash">{{ $fault->says() }}</p>@endforeach
