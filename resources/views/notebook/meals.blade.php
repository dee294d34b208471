<x-layouts.place title="Meals that have been" place="notebook">
    <div class="page">
        <h1>Meals that have been</h1>
        <p class="lead"><a href="{{ route('notebook') }}">All cooks, dish by dish</a></p>
        <ul class="away-list">
            @forelse ($pages as $one)
                @php
                    $cook = $cooks[$one->id] ?? null;
                    $meal = $meals[$one->id] ?? null;
                    $at = $cook?->served_at->setTimezone($zone) ?? $meal->core()->serveAt($zone);
                @endphp
                <li class="row">
                    <div>
                        <p><strong>{{ $one->name }}</strong><br>
                            <span class="small">{{ $at->format('l j F Y') }}, {{ $say->time($at) }}, {{ match ($one->kind) {
                                'cook' => 'on the table', 'said' => 'cooked, not with Orbek', default => 'not cooked, as far as is known',
                            } }}</span></p>
                        @if ($cook !== null)
                            <p class="small">@foreach ($cook->dishes as $dish)<a href="{{ route('cook.record', $dish) }}">{{ $dish->name
                                }}</a>{{ $loop->last ? '' : ' · ' }}@endforeach</p>
                        @endif
                    </div>
                    <form method="post" action="{{ $cook === null ? route('meal.again', $meal) : route('meal-cook.again', $cook) }}">
                        @csrf
                        <button class="quiet" aria-label="Cook again: {{ $one->name }}, {{ $at->format('j F') }}">Cook it again</button>
                    </form>
                </li>
            @empty
                <li><p>No meal has passed yet.</p></li>
            @endforelse
        </ul>
        <x-pages :$pages older="Earlier meals" newer="Later meals" />
    </div>
</x-layouts.place>
