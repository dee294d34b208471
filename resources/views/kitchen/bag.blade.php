<x-layouts.place :title="$bag->name" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ $say->first($bag->name) }}</h1>
            <p class="under">{{ $t('pages/kitchen.kind-and-left', kind: $bag->kind, isCounted: $left !== null, left: $left === null ? '' :
                Orbek\Core\Measure\Figure::of($left, 'g', 0, '-')) }}</p>
            @include('kitchen.empty', ['pace' => $paces[$bag->id] ?? null])
            <x-drawing.belief :$belief :width="420" />
            <p class="lead">{{ $t('pages/kitchen.on-a-day-it-may', belief: $say->first($belief->words()), faster: round(100 * (1 -
                $belief->today()->quantile(0.1) / $belief->likely())), slower: round(100 * ($belief->today()->quantile(0.9) /
                $belief->likely() - 1))) }}</p>
            <h2>{{ $t('pages/kitchen.forecast-and-fact') }}</h2>
            <table class="facts">
                <thead><tr><th scope="col">{{ $t('pages/kitchen.cook') }}</th><th scope="col">{{ $t('pages/kitchen.foretold') }}</th><th
                    scope="col">{{ $t('pages/kitchen.lifted') }}</th><th scope="col">{{ $t('pages/kitchen.came-out') }}</th></tr></thead>
                <tbody>
                    @forelse ($cooks as $cook)
                        <tr>
                            <td><a href="{{ route('cook', $cook) }}">{{
                                $say->dated($cook->started_at->setTimezone($home->site->timezone), 'date-year')
                                }}</a></td>
                            <td>{{ isset($cook->summary['lift_forecast_s']) ? $say->clock($cook->summary['lift_forecast_s']) : '–' }}</td>
                            <td>{{ isset($cook->summary['lifted_s']) ? $say->clock($cook->summary['lifted_s']) : '–' }}</td>
                            <td>{{ $t('pages/kitchen.rice-and-taught', rice: isset($cook->summary['rice']) ?
                                Orbek\Core\Cook\RiceOutcome::from($cook->summary['rice']) : '–', isTested: isset($cook->summary['taught']))
                                }}</td>
                        </tr>
                    @empty
                        <tr><td colspan="4">{{ $t('pages/kitchen.no-cook-from-this-bag-yet') }}</td></tr>
                    @endforelse
                </tbody>
            </table>
            @include('glass.bag')
            <h2>{{ $t('pages/glass.glass-beside-scale') }}</h2>
            <p>{{ $beside === null ? $t('pages/glass.no-pair') : $t('pages/glass.beside-scale', pairs: $beside->pairs,
                apart: (int) round(100 * abs($beside->more)), isMore: $beside->more > 0, isSame: round(100 * abs($beside->more)) < 1,
                scatter: (int) round(100 * $beside->scatter)) }}</p>
        </section>
        <section>
            <h2>{{ $t('pages/kitchen.test-boil') }}</h2>
            <p>{{ $t('pages/kitchen.a-spoonful-in-a-litre') }}</p>
            <form method="post" action="{{ route('lot.test', $bag->id) }}" class="plain">
                @csrf
                <div class="pair">
                    <label>{{ $t('pages/kitchen.soaked-min') }} <input name="soak_min" type="number" min="0" max="2880" value="30"
                        required></label>
                    <label>{{ $t('pages/kitchen.at-2', reading: $say->reading()->degrees->sign()) }} <input name="soak_c" type="number"
                        min="{{
                        round($say->reading()->degrees(0)) }}" max="{{ round($say->reading()->degrees(60)) }}" value="{{
                        round($say->reading()->degrees(20)) }}" required></label>
                </div>
                @foreach (range(0, 3) as $row)
                    <div class="pair">
                        <label>{{ $t('pages/kitchen.grain-after-min', row: $row) }} <input
                            name="tests[{{ $row }}][minutes]"
                            type="number" min="0.1" max="90" step="0.1" @required($row === 0)></label>
                        <label>{{ $t('pages/kitchen.it') }} <select name="tests[{{ $row }}][stage]">@foreach (Orbek\Core\Rice\Stage::cases()
                            as $stage)<option
                            value="{{ $stage->value }}" @selected($stage->value === ['half', 'breaks', 'thread', 'point'][$row])>{{
                            $say->label($stage, 'words') }}</option>@endforeach</select></label>
                    </div>
                @endforeach
                <button class="act">{{ $t('pages/kitchen.learn-from') }}</button>
            </form>
            @foreach ($tests as $test)
                <form method="post" action="{{ route('lot.test.back', [$bag->id, $test]) }}" class="taken">
                    @csrf
                    <p>{{ $say->dated($test->tested_at->setTimezone($home->site->timezone), 'date-and-hour') }}: {{
                        collect($test->document['tests'])->map(fn ($seen) => isset($seen['picture'])
                        ? $t('pages/glass.tested-by-glass', at: $say->clock($seen['seconds']), percent:
                            (int) round(100 * $seen['doneness']))
                        : $say->clock($seen['seconds']).' '.$say->label(Orbek\Core\Rice\Stage::from($seen['stage'])))->implode($comma)
                        }}</p>
                    <button class="quiet">{{ $t('pages/kitchen.take-it-back') }}</button>
                </form>
            @endforeach
        </section>
    </div>
</x-layouts.place>
