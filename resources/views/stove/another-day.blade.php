<x-layouts.place :title="$meal->name" place="stove">
    <div class="page">
        <h1>{{ $t('pages/stove.is-it-cooked-now') }}</h1>
        <p class="lead">{{ $t('pages/stove.is-for-its-first-work-comes', meal: $meal->name, tableAt: $say->dated($tableAt, 'day'), hour:
            $say->time($tableAt), startsAt: $say->time($startsAt), day: $say->dated($startsAt, 'day')) }}</p>
        <form method="post" action="{{ route('meal-cook.begin', $meal) }}" class="asked-day">@csrf<input type="hidden" name="cook" value="{{
            $asked }}"><button class="act main" name="when" value="now">{{ $t('pages/stove.cook-it-now-on-the-table', soonest:
                $say->time($soonest)) }}</button><button class="quiet" name="when" value="planned">{{
                $t('pages/stove.begin-what-can-be-done-ahead') }}</button></form>
        <p><a href="{{ route('meal', $meal) }}">{{ $t('pages/stove.neither-back-to-the-meal') }}</a></p>
    </div>
</x-layouts.place>
