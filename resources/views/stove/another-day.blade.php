<x-layouts.place :title="$meal->name" place="stove">
    <div class="page">
        <h1>Is it cooked now?</h1>
        <p class="lead">{{ $meal->name }} is for {{ $tableAt->format('l j F') }}, {{ $say->time($tableAt) }}. Its first work comes at {{
            $say->time($startsAt) }} on {{ $startsAt->format('l j F') }}.</p>
        <form method="post" action="{{ route('meal-cook.begin', $meal) }}" class="asked-day">@csrf<input type="hidden" name="cook" value="{{
            $asked }}"><button class="act main" name="when" value="now">Cook it now, on the table at {{ $say->time($soonest)
            }}</button><button class="quiet" name="when" value="planned">Begin what can be done ahead; the table stays</button></form>
        <p><a href="{{ route('meal', $meal) }}">Neither: back to the meal</a></p>
    </div>
</x-layouts.place>
