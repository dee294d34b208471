<x-layouts.place title="Pots, rings and plates" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>Pots, rings and plates</h1>
            <x-drawing.kitchen :$home />
            @if (session('stay'))<p role="status">{{ implode(', ', session('stay')) }}: changed since, left as now.</p>@endif
            @if ($before !== null)<form method="post" action="{{ route('kitchen.undo') }}" class="undo">@csrf<x-of-kitchen :$row /><p
                role="status">{{ $before->what }}: changed. <button class="small-button">Undo</button> <a href="{{ route('kitchen.versions',
                $row) }}">What changed</a></p></form>@endif
            @foreach ([
                [Orbek\Core\Kitchen\Thing::Pot, 'Pots', collect($home->equipment->pots)->map(fn ($pot) =>
                    $pot->name.': '.number_format($pot->diameterCm).' cm across, '.number_format($pot->heightCm(), 1).' cm high'),
                    'Another pot'],
                [Orbek\Core\Kitchen\Thing::Ring, 'Rings', collect($home->equipment->rings)->map(fn ($ring) =>
                    $ring->label().', '.($ring->knob->marks === []
                    ?
                    'no marks' : $ring->knob->written())), 'Another ring'],
                [Orbek\Core\Kitchen\Thing::Plate, 'Plates', collect($home->equipment->plates)->map(fn ($plate) =>
                    $plate->name.', '.number_format($plate->kg,
                    1).' kg'),
                    'Another plate'],
            ] as [$thing, $title, $list, $another])
                <h2>{{ $title }}</h2>
                <ul class="things">
                    @foreach ($list as $id => $line)
                        <li>
                            <details><summary>{{ Str::ucfirst($line) }}@if (isset($used[$id])) <span class="small">{{ count($used[$id]) }}
                                {{ Str::plural('dish', count($used[$id])) }}</span>@endif</summary>
                                <form method="post" action="{{ route('kitchen.thing', [$thing->value, $id]) }}" class="plain">
                                    @csrf<x-of-kitchen :$row />
                                    @include('kitchen.thing', ['one' => match ($thing) { Orbek\Core\Kitchen\Thing::Pot =>
                                        $home->equipment->pots[$id],
                                        Orbek\Core\Kitchen\Thing::Ring =>
                                        $home->equipment->rings[$id], Orbek\Core\Kitchen\Thing::Plate => $home->equipment->plates[$id] }])
                                    <button class="act">Save it</button>
                                    <button name="like" value="1" class="quiet" aria-label="Another like this one: {{ $line }}">Another like
                                        this one</button>
                                </form>
                                <form method="post" action="{{ route('kitchen.thing.away', [$thing->value, $id]) }}" class="plain away">
                                    @csrf<x-of-kitchen :$row />
                                    @if (isset($used[$id]))<label>{{ implode(', ', array_slice($used[$id], 0, 3)) }}{{ count($used[$id]) > 3
                                        ? ' and '.(count($used[$id]) - 3).' more' : '' }} use it. They move to <select
                                        name="move_to">@foreach ($list->only($alike($thing, (string) $id)) as $other => $says)<option
                                        value="{{ $other }}">{{ $says }}</option>@endforeach</select></label>@endif
                                    <button class="small-button" aria-label="Take away: {{ $line }}">Take it away</button>
                                </form>
                            </details>
                        </li>
                    @endforeach
                </ul>
                <details class="adding"><summary>{{ $another }}</summary>
                    <form method="post" action="{{ route('kitchen.thing', $thing->value) }}" class="plain">
                        @csrf<x-of-kitchen :$row />
                        @include('kitchen.thing', ['one' => null])
                        <button class="act">Add it</button>
                    </form>
                </details>
            @endforeach
        </section>
        <div>
            <section>
                <h2>Where it cooks</h2>
                <form method="post" action="{{ route('kitchen.place') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>Called <input name="name" maxlength="80" required value="{{ $home->name }}" autocomplete="off"></label>
                    <label>Above the sea, m <input name="altitude_m" type="number" min="-430" max="5500" step="1" required value="{{
                        round($home->site->altitudeM) }}"></label>
                    <div class="pair"><label>The room, {{ $say->reading()->degrees->sign() }} <input name="room_c" type="number" step="any"
                        required value="{{
                        round($say->reading()->degrees($home->site->roomC), 1) }}"></label><label>The tap, {{
                            $say->reading()->degrees->sign() }} <input name="tap_c"
                            type="number"
                        step="any" required value="{{ round($say->reading()->degrees($home->site->tapC), 1) }}"></label></div>
                    <label>Its time zone <input name="timezone" required maxlength="60" value="{{ $home->site->timezone->getName() }}"
                        autocomplete="off"></label>
                    <div class="pair"><label>Oven <select name="oven"><option value="0">none</option><option value="1"
                        @selected($home->equipment->oven
                        !== null)>{{ $home->equipment->oven->name ?? 'an oven' }}</option></select></label><label>Pairs of hands <input
                            name="hands"
                        type="number" min="1" max="6" step="1" required value="{{ $home->equipment->hands }}"></label></div>
                    <div class="pair"><label>It goes from, {{ $say->reading()->degrees->sign() }} <input name="least_c" type="number"
                        step="any" value="{{
                        $home->equipment->oven
                        === null ? '' : round($say->reading()->degrees($home->equipment->oven->leastC)) }}"></label><label>to, {{
                            $say->reading()->degrees->sign() }} <input
                            name="most_c"
                        type="number" step="any" value="{{ $home->equipment->oven === null ? '' :
                            round($say->reading()->degrees($home->equipment->oven->mostC))
                        }}"></label></div>
                    <label>Tray for drained rice, cm² <input name="tray_cm2" type="number" min="100" max="10000" step="10" value="{{
                        $home->equipment->trayCm2 === null ? '' : round($home->equipment->trayCm2) }}"></label>
                    <label class="check"><input type="checkbox" name="thermometer" value="1" @checked($home->equipment->hasThermometer)> a
                        thermometer</label>
                    <label class="check"><input type="checkbox" name="scale" value="1" @checked($home->equipment->hasScale)> a scale</label>
                    <p class="small">Water boils here at <strong>{{ $say->degrees($home->boilC(), 1) }}</strong>.</p>
                    <button class="act">It cooks there</button>
                </form>
            </section>
            <section>
                <h2>What a mark gives</h2>
                <p>Write a ring's marks as the knob has them, from low to high: <em>pearl, small, half, full</em>. What each gives
                    is taken for even steps till a <a href="{{ route('stoves') }}">boil test at a mark</a> tells it; known, it is
                    written with its mark, in per cent of full heat: <em>pearl 25, full 100</em>.</p>
                <datalist id="knobs">@foreach (Orbek\Core\Pot\Knob::SOLD as $marks)@if ($marks !== [])<option
                    value="{{ implode(', ', $marks) }}"></option>@endif @endforeach</datalist>
                <p class="small">Heats are told in these words, on the Pot and at the Stove, and only they are looked for.</p>
            </section>
        </div>
        <section class="meters" aria-labelledby="meters">
            <h2 id="meters">Things that measure</h2>
            @if (session('meter'))<p class="message" role="status">It speaks to <code>{{ session('meter') }}</code>. This is shown once;
                docs/formats.md says how.</p>@endif
            @if ($meters->isNotEmpty())
                <ul class="amounts">@foreach ($meters as $meter)<li><strong>{{ $meter->name }}</strong>, {{ $meter->kind->told() }} <form
                    method="post" action="{{ route('meters.away', $meter) }}">@csrf<button class="small-button" aria-label="{{ $meter->name
                    }}: take away">Take away</button></form></li>@endforeach</ul>
            @endif
            <details class="adding"><summary>A probe, a scale or a knob</summary>
                <form method="post" action="{{ route('meters.make') }}">
                    @csrf
                    <label>What it is called <input name="name" maxlength="80" required autocomplete="off"></label>
                    <label>It reads <select name="kind">@foreach (App\Models\MeterKind::cases() as $kind)<option value="{{ $kind->value
                        }}">{{ $kind->told() }}</option>@endforeach</select></label>
                    <button class="quiet">Connect it</button>
                </form>
            </details>
            <p class="small">What a probe reads stands beside the forecast; a weighed spoonful and a turned knob count as tapped. A computed
                temperature is never proof.</p>
        </section>
    </div>
</x-layouts.place>
