<x-layouts.place :title="$meal->name" place="clock">
    <div class="page">
        <h1>{{ $meal->name }}</h1>
        <p class="lead">{{ $t('pages/meal.it-cannot-be-planned') }}</p>
        @forelse ($lacking as $place => $one)
            <div class="clash" role="status">
                <p>{{ $th('pages/meal.a-dish-lacks', isNamed: $one['dish'] !== null, dish: $one['dish']?->name ?? '', lacks:
                    $one['lacks']->why) }}</p>
                <div class="tools">
                    @if ($one['dish'] !== null && $one['dish']->trashed())
                        <form method="post" action="{{ route('dish.back', $one['dish']->id) }}">@csrf<button
                            class="mend">{{ $t('pages/meal.take-it-out-again') }}</button></form>
                    @elseif ($one['dish'] !== null)
                        <a class="mend" href="{{ route('pot', $one['dish']) }}">{{ $t('pages/meal.look-at') }}</a>
                    @endif
                    @if (count($meal->core()->shares) > 1)
                        <form method="post" action="{{ route('meal.without', [$meal, $place]) }}">@csrf<input type="hidden" name="version"
                            value="{{ $meal->version }}"><button class="mend">{{ $t('pages/meal.leave-it-out-of-this-meal')
                                }}</button></form>
                    @endif
                </div>
            </div>
        @empty
            <div class="clash" role="status"><p>{{ $say->text($why->why) }}</p></div>
        @endforelse
        <div class="tools">
            <a class="act" href="{{ route('kitchen.things') }}">{{ $t('pages/meal.pots-rings-and-plates') }}</a>
            <form method="post" action="{{ route('meal.away', $meal) }}">@csrf<button class="quiet">{{ $t('pages/meal.take-this-meal-away')
                }}</button></form>
        </div>
    </div>
</x-layouts.place>
