<x-layouts.place :title="'What changed in '.$meal->name" place="clock">
    <div class="page">
        <h1>What changed in {{ $meal->name }}</h1>
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $change['version']->at($zone)->format('j F') }} {{
                        $say->time($change['version']->at($zone)) }}</strong></p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says, $names) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('meal.version.back', [$meal, $change['version']]) }}">@csrf<input type="hidden"
                        name="version" value="{{ $meal->version }}"><button class="quiet" aria-label="Go back to before {{
                        $change['version']->at($zone)->format('j F H:i') }}">Go back to before</button></form>
                </li>
            @empty
                <li><p>Nothing has been changed yet.</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('meal', $meal) }}">To the clock</a></p>
    </div>
</x-layouts.place>
