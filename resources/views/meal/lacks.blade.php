<x-layouts.place :title="$meal->name" place="clock">
    <div class="page">
        <h1>{{ $meal->name }}</h1>
        <p class="lead">It cannot be planned in this kitchen as it is.</p>
        @forelse ($lacking as $place => $one)
            <div class="clash" role="status">
                <p><strong>{{ $one['dish']?->name ?? 'A dish' }}</strong>: {{ $say->text($one['lacks']->why) }}</p>
                <div class="tools">
                    @if ($one['dish'] !== null && $one['dish']->trashed())
                        <form method="post" action="{{ route('dish.back', $one['dish']->id) }}">@csrf<button
                            class="mend">Take it out again</button></form>
                    @elseif ($one['dish'] !== null)
                        <a class="mend" href="{{ route('pot', $one['dish']) }}">Look at it</a>
                    @endif
                    @if (count($meal->core()->shares) > 1)
                        <form method="post" action="{{ route('meal.without', [$meal, $place]) }}">@csrf<input type="hidden" name="version"
                            value="{{ $meal->version }}"><button class="mend">Leave it out of this meal</button></form>
                    @endif
                </div>
            </div>
        @empty
            <div class="clash" role="status"><p>{{ $say->text($why->why) }}</p></div>
        @endforelse
        <div class="tools">
            <a class="act" href="{{ route('kitchen.things') }}">Pots, rings and plates</a>
            <form method="post" action="{{ route('meal.away', $meal) }}">@csrf<button class="quiet">Take this meal away</button></form>
        </div>
    </div>
</x-layouts.place>
