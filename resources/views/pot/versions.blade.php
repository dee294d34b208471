<x-layouts.place :title="$t('pages/pot.what-changed-3', dish: $dish->name)" place="pot" :$dish>
    <div class="page">
        <h1>{{ $t('pages/pot.what-changed-3', dish: $dish->name) }}</h1>
        @if ($cook !== null)
            <p class="lead">{{ $t('pages/pot.since-it-was-cooked', day: $say->dated($cook->started_at->setTimezone($zone), 'day-year'),
                isSame:
                $since === [], changes: collect($since)->map(fn ($one) => $say->difference($one))->implode($semicolon)) }}</p>
        @endif
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $say->dated($change['version']->at($zone), 'date') }} {{
                        $say->time($change['version']->at($zone)) }}</strong></p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('dish.version.back', [$dish, $change['version']]) }}">@csrf<input type="hidden"
                        name="version" value="{{ $dish->version }}"><button class="quiet" aria-label="{{ $t('pages/pot.go-back-to-before-2',
                            change: $say->dated($change['version']->at($zone), 'date-hour')) }}">{{ $t('pages/pot.go-back-to-before')
                            }}</button></form>
                </li>
            @empty
                <li><p>{{ $t('pages/pot.nothing-has-been-changed-yet') }}</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('pot', $dish) }}">{{ $t('pages/pot.to-the-pot') }}</a></p>
    </div>
</x-layouts.place>
