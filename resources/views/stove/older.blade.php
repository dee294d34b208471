<x-layouts.place title="An older cook is open" place="stove">
    <div class="page narrow">
        <h1>An older cook of it is open</h1>
        <p class="lead">{{ $cook->name }} has been on the stove since {{
            $cook->started_at->setTimezone(Orbek\Core\Kitchen\Kitchen::fromArray($cook->kitchen)->site->timezone)->format('l j F, H:i') }},
                and
            the dish was changed after that. That cook goes by the dish as it was.</p>
        <p><a class="act" href="{{ route('meal-cook', $cook) }}">Go on with that one</a></p>
        <form method="post" action="{{ route('meal-cook.give-up', $cook) }}">
            @csrf
            <input type="hidden" name="cook" value="{{ $asked }}">
            <button class="quiet">Give it up and begin the dish as it is now</button>
        </form>
    </div>
</x-layouts.place>
