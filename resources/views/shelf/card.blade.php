<a href="{{ route('pot', $dish, false) }}" class="dish">
    <x-drawing.pot :$plan :scale="9.4" :labels="false" />
    <h2>{{ $dish->name }}</h2>
</a>
<p>{{ $plan->dish->school->label }}</p>
<p class="facts">{{ $th('pages/shelf.dish-on-the-shelf', eaters: $plan->dish->table->eaters, rice: $plan->totals->rice(), pot:
    $plan->pot()->name, busy: $say->hours(-$plan->day->busyFrom()), isBegunSooner: $plan->day->schedule->firstStart() <
    $plan->day->busyFrom(), begun: $say->hours(-$plan->day->schedule->firstStart())) }}</p>
@foreach ($plan->clashes as $clash)<p class="clash">{{ $clash->says }}</p>@endforeach
@foreach (array_slice($plan->faults(), 0, 1) as $fault)<p class="clash">{{ $fault->says() }}</p>@endforeach
