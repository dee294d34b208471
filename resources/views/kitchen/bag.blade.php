<x-layouts.place :title="$bag->name" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ Str::ucfirst($bag->name) }}</h1>
            <p class="under">{{ $say->label($bag->kind) }}{{ $left === null ? '' : ', '.Orbek\Core\Measure\Figure::of($left, 'g', 0,
                '-')->text().' left' }}</p>
            @include('kitchen.empty', ['pace' => $paces[$bag->id] ?? null])
            <x-drawing.belief :$belief :width="420" />
            <p class="lead">{{ $say->first($belief->words()) }}; on a day it may be {{ round(100 * (1 - $belief->today()->quantile(0.1) /
                $belief->likely())) }} % faster or {{ round(100 * ($belief->today()->quantile(0.9) / $belief->likely() - 1)) }} % slower
                than that.</p>
            <h2>Forecast and fact</h2>
            <table class="facts">
                <thead><tr><th scope="col">cook</th><th scope="col">foretold</th><th scope="col">lifted</th><th scope="col">came
                    out</th></tr></thead>
                <tbody>
                    @forelse ($cooks as $cook)
                        <tr>
                            <td><a href="{{ route('cook', $cook) }}">{{
                                $cook->started_at->setTimezone($home->site->timezone)->format('j F Y')
                                }}</a></td>
                            <td>{{ isset($cook->summary['lift_forecast_s']) ? $say->clock($cook->summary['lift_forecast_s']) : '–' }}</td>
                            <td>{{ isset($cook->summary['lifted_s']) ? $say->clock($cook->summary['lifted_s']) : '–' }}</td>
                            <td>{{ isset($cook->summary['rice']) ? $say->label(Orbek\Core\Cook\RiceOutcome::from($cook->summary['rice'])) :
                                '–' }}{{ isset($cook->summary['taught']) ? '' : ', no grain tested' }}</td>
                        </tr>
                    @empty
                        <tr><td colspan="4">No cook from this bag yet.</td></tr>
                    @endforelse
                </tbody>
            </table>
        </section>
        <section>
            <h2>Test boil</h2>
            <p>A spoonful in a litre of boiling water. Fish out a grain every minute or two, press it, note what it is like: ten minutes
                teach a new bag.</p>
            <form method="post" action="{{ route('lot.test', $bag->id) }}" class="plain">
                @csrf
                <div class="pair">
                    <label>Soaked, min <input name="soak_min" type="number" min="0" max="2880" value="30" required></label>
                    <label>at {{ $say->reading()->degrees->sign() }} <input name="soak_c" type="number" min="{{
                        round($say->reading()->degrees(0)) }}" max="{{ round($say->reading()->degrees(60)) }}" value="{{
                        round($say->reading()->degrees(20)) }}" required></label>
                </div>
                @foreach (range(0, 3) as $row)
                    <div class="pair">
                        <label>{{ ['First', 'Second', 'Third', 'Fourth'][$row] }} grain after, min <input name="tests[{{ $row }}][minutes]"
                            type="number" min="0.1" max="90" step="0.1" @required($row === 0)></label>
                        <label>it <select name="tests[{{ $row }}][stage]">@foreach (Orbek\Core\Rice\Stage::cases() as $stage)<option
                            value="{{ $stage->value }}" @selected($stage->value === ['half', 'breaks', 'thread', 'point'][$row])>{{
                            $say->label($stage, 'words') }}</option>@endforeach</select></label>
                    </div>
                @endforeach
                <button class="act">Learn from it</button>
            </form>
            @foreach ($tests as $test)
                <form method="post" action="{{ route('lot.test.back', [$bag->id, $test]) }}" class="taken">
                    @csrf
                    <p>{{ $test->tested_at->setTimezone($home->site->timezone)->format('j F, H:i') }}: {{
                        collect($test->document['tests'])->map(fn ($seen) =>
                        $say->clock($seen['seconds']).' '.$say->label(Orbek\Core\Rice\Stage::from($seen['stage'])))->implode(', ') }}</p>
                    <button class="quiet">Take it back</button>
                </form>
            @endforeach
        </section>
    </div>
</x-layouts.place>
