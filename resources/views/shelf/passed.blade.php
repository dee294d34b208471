@foreach ($passed as $meal)
    <div class="passed">
        <p>{{ $th('pages/shelf.was-to-be-on-the-table', meal: $meal->name, serveAt: $say->dated($meal->core()->serveAt($zone), 'day'), hour:
            $say->time($meal->core()->serveAt($zone))) }}</p>
        <div class="tools">
            <form method="post" action="{{ route('meal.cooked', $meal) }}">@csrf<button class="quiet" aria-label="{{
                $t('pages/shelf.we-did-2', meal: $meal->name) }}">{{ $t('pages/shelf.we-did') }}</button></form>
            <a class="quiet" href="{{ route('meal', $meal) }}" aria-label="{{ $t('pages/shelf.another-day-2', meal: $meal->name) }}">{{
                $t('pages/shelf.another-day') }}</a>
            <form method="post" action="{{ route('meal.away', $meal) }}">@csrf<button class="quiet" aria-label="{{
                $t('pages/shelf.put-it-away-2', meal: $meal->name) }}">{{ $t('pages/shelf.put-it-away') }}</button></form>
        </div>
    </div>
@endforeach
@foreach ($forgotten as $cook)
    <div class="passed">
        <p>{{ $th('pages/shelf.was-begun-on-and-was', cook: $cook->name, startedAt: $say->dated($cook->started_at->setTimezone($zone),
            'day'),
            format: $say->dated(($cook->table_at ?? $cook->started_at)->setTimezone($zone), 'day'), setTimezone: $say->time(($cook->table_at
                ??
            $cook->started_at)->setTimezone($zone))) }}</p>
        <div class="tools">
            <a class="quiet" href="{{ route('meal-cook', $cook) }}" aria-label="{{ $t('pages/shelf.note-it-or-go-2', cook: $cook->name)
                }}">{{ $t('pages/shelf.note-it-or-go') }}</a>
            <form method="post" action="{{ route('meal-cook.give-up', $cook) }}">@csrf<button class="quiet" aria-label="{{
                $t('pages/shelf.give-it-up-2', cook: $cook->name) }}">{{ $t('pages/shelf.give-it-up') }}</button></form>
        </div>
    </div>
@endforeach
