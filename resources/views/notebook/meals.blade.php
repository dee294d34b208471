<x-layouts.place :title="$t('pages/notebook.meals-that-have-been')" place="notebook">
    <div class="page">
        <h1>{{ $t('pages/notebook.meals-that-have-been') }}</h1>
        <p class="lead"><a href="{{ route('notebook') }}">{{ $t('pages/notebook.all-cooks-dish-by-dish') }}</a></p>
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
                            <span class="small">{{ $say->dated($at, 'day-year') }}{{ $comma }}{{ $say->time($at) }}{{ $comma }}{{ match
                                ($one->kind) {
                                'cook' => $t('pages/notebook.on-the-table'), 'said' => $t('pages/notebook.cooked-not-with-orbek'), default
                                    => $t('pages/notebook.not-cooked-as-far'),
                            } }}</span></p>
                        @if ($cook !== null)
                            <p class="small">@foreach ($cook->dishes as $dish)<a href="{{ route('cook.record', $dish) }}">{{ $dish->name
                                }}</a>{{ $loop->last ? '' : ' · ' }}@endforeach</p>
                        @endif
                    </div>
                    <form method="post" action="{{ $cook === null ? route('meal.again', $meal) : route('meal-cook.again', $cook) }}">
                        @csrf
                        <button class="quiet" aria-label="{{ $t('pages/notebook.cook-again', one: $one->name, format: $say->dated($at,
                            'date'))
                            }}">{{ $t('pages/notebook.cook-it-again') }}</button>
                    </form>
                </li>
            @empty
                <li><p>{{ $t('pages/notebook.no-meal-has-passed-yet') }}</p></li>
            @endforelse
        </ul>
        <x-pages :$pages :older="$t('pages/notebook.older-meals')" :newer="$t('pages/notebook.newer-meals')" />
    </div>
</x-layouts.place>
