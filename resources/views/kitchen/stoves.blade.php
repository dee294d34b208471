<x-layouts.place title="Pots on rings" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>Pots on rings</h1>
            <p class="lead">How much heat a pot really gets on a ring, against what its kind would give.</p>
            <ul class="lots">
                @foreach ($home->stovePots() as $pot)
                    @foreach ($home->equipment->rings as $ring)
                        <li>
                            <x-drawing.belief :belief="$knowledge->stove($pot->id, $ring)" :width="260" stove />
                            <div>
                                <h2>{{ $pot->name }} on {{ $ring->name }}</h2>
                                <p>{{ $say->first($knowledge->stove($pot->id, $ring)->stoveWords()) }}: <strong>{{
                                    round($knowledge->stove($pot->id, $ring)->likely() * $ring->netW()) }}
                                    W</strong> reach it at full setting.</p>
                            </div>
                        </li>
                    @endforeach
                @endforeach
            </ul>
        </section>
        <div>
            <section>
                <h2>A boil test</h2>
                <p class="small">Known water, two temperatures, the minutes between, lid on. Stop short of the boil.</p>
                <form method="post" action="{{ route('stoves.test') }}" class="plain">
                    @csrf
                    <label>Pot <select name="pot">@foreach ($home->stovePots() as $pot)<option value="{{ $pot->id }}">{{ $pot->name
                        }}</option>@endforeach</select></label>
                    <label>Ring <select name="burner">@foreach ($home->equipment->rings as $ring)<option value="{{ $ring->id }}">{{
                        $ring->label() }}</option>@endforeach</select></label>
                    <div class="pair"><label>Water, litres <input name="litres" type="number" min="0.3" max="30" step="0.1" value="2"
                        required></label><label>Ring at, a mark or % <input name="setting" value="100" maxlength="40" required
                        autocomplete="off"></label></div>
                    <div class="pair"><label>From, {{ $say->reading()->degrees->sign() }} <input
                        name="from_c" type="number" min="{{ ceil($say->reading()->degrees(1)) }}" max="{{
                            floor($say->reading()->degrees(90)) }}" step="0.1"
                        value="{{ $say->reading()->degrees(20) }}" required></label><label>To, {{ $say->reading()->degrees->sign() }} <input
                            name="to_c" type="number" min="{{
                        ceil($say->reading()->degrees(11)) }}" max="{{ floor($say->reading()->degrees(97)) }}" step="0.1" value="{{
                            $say->reading()->degrees(90) }}"
                        required></label></div>
                    <label>Minutes <input name="minutes" type="number" min="1" max="60" step="0.1" required></label>
                    <button class="act">It took so long</button>
                </form>
            </section>
            <section>
                <h2>What taught it</h2>
                <ul class="taught">
                    @foreach ($tests as $test)
                        <li><p>Boil test of {{ $test->tested_at->setTimezone($home->site->timezone)->format('j F') }}: {{
                            $home->equipment->pots[$test->pot]->name ?? $test->pot }} on {{ $home->equipment->rings[$test->burner]->name
                                ?? $test->burner }}, {{
                            round($test->document['net_w']) }} W</p><form method="post" action="{{ route('stoves.test.back', $test)
                            }}">@csrf<button class="small-button" aria-label="Take back the boil test of {{ $test->tested_at->format('j F')
                            }}">Take back</button></form></li>
                    @endforeach
                    @foreach ($cooks as $cook)
                        <li><p>{{ $cook->name }}, {{ $cook->started_at->setTimezone($home->site->timezone)->format('j F') }}: crust {{
                            $cook->summary['crust'] ?? 'not noted' }}, {{ $home->equipment->pots[$cook->summary['stove']['pot']]->name ??
                            $cook->summary['stove']['pot'] }}{{ $cook->stove_taken_back ? '; taken back' : '' }}</p><form method="post"
                            action="{{ route('stoves.cook.back', $cook) }}">@csrf<input type="hidden" name="back" value="{{
                            $cook->stove_taken_back ? '0' : '1' }}"><button class="small-button" aria-label="{{ $cook->stove_taken_back ?
                            'Let it count' : 'Take back' }}: {{ $cook->name }}, {{ $cook->started_at->format('j F') }}">{{
                            $cook->stove_taken_back ? 'Let it count' : 'Take back' }}</button></form></li>
                    @endforeach
                </ul>
                @if ($tests->isEmpty() && $cooks->isEmpty())<p>Nothing yet: a noted crust or a boil test teaches it.</p>@endif
            </section>
        </div>
    </div>
</x-layouts.place>
