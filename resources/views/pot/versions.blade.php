<x-layouts.place :title="'What changed in '.$dish->name" place="pot" :$dish>
    <div class="page">
        <h1>What changed in {{ $dish->name }}</h1>
        @if ($cook !== null)
            <p class="lead">Since it was cooked on {{ $cook->started_at->setTimezone($zone)->format('l j F Y') }}: {{ $since === [] ?
                'nothing' : collect($since)->map(fn ($one) => $say->difference($one))->implode('; ') }}.</p>
        @endif
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $change['version']->at($zone)->format('j F') }} {{
                        $say->time($change['version']->at($zone)) }}</strong></p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('dish.version.back', [$dish, $change['version']]) }}">@csrf<input type="hidden"
                        name="version" value="{{ $dish->version }}"><button class="quiet" aria-label="Go back to before {{
                        $change['version']->at($zone)->format('j F H:i') }}">Go back to before</button></form>
                </li>
            @empty
                <li><p>Nothing has been changed yet.</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('pot', $dish) }}">To the pot</a></p>
    </div>
</x-layouts.place>
