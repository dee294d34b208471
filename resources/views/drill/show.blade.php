<x-layouts.place title="Drill" place="drill">
    <div class="page drill-page">
        @if ($said !== null)<p class="said" role="status">{{ $said }}</p>@endif
        <section>
            <div class="two-minutes" @if ($session !== null) x-data="minutes" data-left="{{ max(0, $left) }}" @endif>
                @if ($session === null)
                    <form method="post" action="{{ route('drill.begin') }}">@csrf<button class="quiet">Two minutes of grains</button></form>
                @else
                    <p><strong class="clock" x-text="shown()">{{ max(0, $left) }} s</strong> left; the answer after that ends it.</p>
                @endif
            </div>
            <h1>{{ $asked['round'] === 'far' ? 'How far is it?' : 'What is this grain?' }}</h1>
            <div class="asked">
                <x-drawing.spoonful :$spoonful :$form />
                <p>{{ ['plates' => 'a spoonful between two glass plates', 'pressed' => 'one pressed between thumb and finger', 'bitten' =>
                    'one bitten', 'pot' => 'the boil from above'][$form->value] }}</p>
            </div>
            @if ($asked['round'] === 'far')
                <form method="post" action="{{ route('drill.name') }}" class="far" x-data="{ said: 50 }">
                    @csrf
                    <label for="said">Cooked so far, % of its section <output x-text="said">50</output></label>
                    <input id="said" name="said" type="range" min="0" max="100" step="1" value="50" x-model="said">
                    <button class="act">That far</button>
                </form>
            @else
                <form method="post" action="{{ route('drill.name') }}" class="answers">
                    @csrf
                    @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                        <button name="stage" value="{{ $stage->value }}">@if ($form !== Orbek\Core\Drill\Form::Pressed)<x-drawing.pressed
                            :$stage />@endif{{ $say->label($stage) }}</button>
                    @endforeach
                </form>
            @endif
        </section>
        <section x-data="drill" data-course="{{ json_encode($course) }}">
            <h2>Lift it</h2>
            <p>In the pot a grain is to be one that <strong>{{ $say->label($lift->target, 'words') }}</strong>. It drains on a tray. The bag
                and the ring are strangers to you; the clock runs ten times as fast.</p>
            <p class="count" x-text="shown()">0:00</p>
            <p class="felt" role="status" x-text="felt">Press start, test grains, lift.</p>
            <form method="post" action="{{ route('drill.lift') }}" x-on:submit="lift($event)">
                @csrf
                <input type="hidden" name="seconds" x-bind:value="whole">
                <button type="button" class="act" x-show="!running" x-on:click="start()">Rice is in</button>
                <button type="button" class="act test" x-show="running" x-cloak x-on:click="test()">Test a grain</button>
                <button class="act" x-show="running" x-cloak>Lift</button>
            </form>
        </section>
        <section class="scores">
            <h2>Your eye</h2>
            @forelse ($eye->words() as $words)<p>{{ $say->first($words) }}.</p>@empty<p>{{ $eye->readings === 0 ? 'Nothing known of it yet'
                : $eye->readings.' '.Str::plural('reading', $eye->readings).' so far' }}: a dozen grains tell how far your readings scatter
                and lean, and the windows at the stove follow them.</p>@endforelse
            <h2>Over the days</h2>
            @if ($weakest !== null)<p>You miss most often the grain that {{ $say->label($weakest, 'words') }}; it comes more often
                now.</p>@endif
            <table class="facts">
                <thead><tr><th scope="col">day</th><th scope="col">grains named</th><th scope="col">told how far</th><th
                    scope="col">lifts</th><th scope="col">off by</th></tr></thead>
                <tbody>
                    @forelse ($days as $day => $answers)
                        <tr><td>{{ $day }}</td><td>{{ $answers->where('round', 'stage')->where('off', 0.0)->count() }} of {{
                            $answers->where('round', 'stage')->count() }} right</td><td>{{
                            $answers->where('round', 'far')->isEmpty() ? '–' : 'off by '.round(100 * $answers->where('round', 'far')->avg(fn
                                ($answer) => abs($answer->off))).' points'
                            }}</td><td>{{ $answers->where('round', 'lift')->count() }}</td><td>{{ $answers->where('round',
                                'lift')->isEmpty() ? '–' : round(100 * $answers->where('round', 'lift')->avg(fn ($answer) =>
                            abs($answer->off))).' points' }}</td></tr>
                    @empty
                        <tr><td colspan="5">Nothing yet.</td></tr>
                    @endforelse
                </tbody>
            </table>
            <details class="whole-way"><summary>The whole way, from raw to over</summary>
                <ul>
                    @foreach ($way as [$name, $tells, $one])<li><x-drawing.spoonful :spoonful="$one" :form="Orbek\Core\Drill\Form::Plates"
                        /><p><strong>{{ $name }}</strong>: {{ $tells }}</p></li>@endforeach
                </ul>
            </details>
            <h2>A practice supper</h2>
            <form method="post" action="{{ route('supper.begin') }}" class="practise">@csrf<p>Cook <select class="word" name="dish"
                aria-label="Dish or meal">@foreach ($dishes as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach
                @if ($meals->isNotEmpty())<optgroup label="Whole meals">@foreach ($meals as $id => $name)<option value="{{ $id }}">{{ $name
                }}</option>@endforeach</optgroup>@endif</select> on a fast clock, in a kitchen that is not quite what it is taken for.
                <button class="quiet">Begin</button></p></form>
            @if ($sessions->isNotEmpty())
                <h2>Two minutes, looked at again</h2>
                <ul class="sessions">@foreach ($sessions as $id => $one)<li><a href="{{ route('drill.session', $id) }}">{{
                    $one->first()->answered_at->setTimezone($zone)->format('j F H:i') }}</a>: {{ $one->filter->isRight()->count() }} of {{
                    $one->count() }} right</li>@endforeach</ul>
            @endif
        </section>
    </div>
</x-layouts.place>
