<x-layouts.place :title="$t('pages/meal.what-changed-2', meal: $meal->name)" place="clock">
    <div class="page">
        <h1>{{ $t('pages/meal.what-changed-2', meal: $meal->name) }}</h1>
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $say->dated($change['version']->at($zone), 'date') }} {{
                        $say->time($change['version']->at($zone)) }}</strong></p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says, $names) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('meal.version.back', [$meal, $change['version']]) }}">@csrf<input type="hidden"
                        name="version" value="{{ $meal->version }}"><button class="quiet" aria-label="{{
                            $t('pages/meal.go-back-to-before-2', change: $say->dated($change['version']->at($zone), 'date-hour')) }}">{{
                            $t('pages/meal.go-back-to-before') }}</button></form>
                </li>
            @empty
                <li><p>{{ $t('pages/meal.nothing-has-been-changed-yet') }}</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('meal', $meal) }}">{{ $t('pages/meal.to-the-clock') }}</a></p>
    </div>
</x-layouts.place>
