@foreach ($passed as $meal)
    <div class="passed">
        <p><strong>{{ $meal->name }}</strong> was to be on the table on {{ $meal->core()->serveAt($zone)->format('l j F') }} at
            {{ $say->time($meal->core()->serveAt($zone)) }}.
            Did you cook it?</p>
        <div class="tools">
            <form method="post" action="{{ route('meal.cooked', $meal) }}">@csrf<button class="quiet" aria-label="{{ $meal->name
                }}: we did">We did</button></form>
            <a class="quiet" href="{{ route('meal', $meal) }}" aria-label="{{ $meal->name }}: another day">Another day</a>
            <form method="post" action="{{ route('meal.away', $meal) }}">@csrf<button class="quiet" aria-label="{{ $meal->name
                }}: put it away">Put it away</button></form>
        </div>
    </div>
@endforeach
@foreach ($forgotten as $cook)
    <div class="passed">
        <p><strong>{{ $cook->name }}</strong> was begun on {{ $cook->started_at->setTimezone($zone)->format('l j F') }} and was to be on the
            table on {{ ($cook->table_at ?? $cook->started_at)->setTimezone($zone)->format('l j F') }} at {{
            $say->time(($cook->table_at ?? $cook->started_at)->setTimezone($zone)) }}. Was it eaten?</p>
        <div class="tools">
            <a class="quiet" href="{{ route('meal-cook', $cook) }}" aria-label="{{ $cook->name }}: note it, or go on">Note it, or go on</a>
            <form method="post" action="{{ route('meal-cook.give-up', $cook) }}">@csrf<button class="quiet" aria-label="{{ $cook->name
                }}: give it up">Give it up</button></form>
        </div>
    </div>
@endforeach
