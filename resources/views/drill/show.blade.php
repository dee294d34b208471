<x-layouts.place title="Drill" place="drill">
    <div class="page drill-page">
        @if ($said !== null)<p class="said" role="status">{{ $said }}</p>@endif
        <section>
            <h1>What is this grain?</h1>
            <div class="asked">
                @switch($form)
                    @case('cut') <x-drawing.grain :$doneness :size="190" :told="false" /><p>cut across</p> @break
                    @case('pressed') <x-drawing.pressed :stage="$asked" /><p>pressed between thumb and finger</p> @break
                    @default <x-drawing.boiling-grains :$doneness :width="420" /><p>as they swim in the pot</p>
                @endswitch
            </div>
            <form method="post" action="{{ route('drill.name') }}" class="answers">
                @csrf
                @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                    <button name="stage" value="{{ $stage->value }}">@if ($form !== 'pressed')<x-drawing.pressed :$stage />@endif{{ $say->label($stage) }}</button>
                @endforeach
            </form>
        </section>
        <section x-data="drill" data-course="{{ json_encode($course) }}">
            <h2>Lift it</h2>
            <p>In the pot a grain is to be one that <strong>{{ $say->label($lift->target, 'words') }}</strong>. It drains on a tray. The bag and the ring are strangers to you; the clock runs ten times as fast.</p>
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
            <h2>Over the days</h2>
            @if ($weakest !== null)<p>You miss most often the grain that {{ $say->label($weakest, 'words') }}; it comes more often now.</p>@endif
            <table class="facts">
                <thead><tr><th scope="col">day</th><th scope="col">grains named</th><th scope="col">lifts</th><th scope="col">off by</th></tr></thead>
                <tbody>
                    @forelse ($days as $day => $answers)
                        @php $named = $answers->where('round', 'stage'); $lifts = $answers->where('round', 'lift'); @endphp
                        <tr><td>{{ $day }}</td><td>{{ $named->where('off', 0.0)->count() }} of {{ $named->count() }} right</td><td>{{ $lifts->count() }}</td><td>{{ $lifts->isEmpty() ? '–' : round(100 * $lifts->avg(fn ($answer) => abs($answer->off))).' points' }}</td></tr>
                    @empty
                        <tr><td colspan="4">Nothing yet.</td></tr>
                    @endforelse
                </tbody>
            </table>
        </section>
    </div>
</x-layouts.place>
