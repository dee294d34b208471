<x-layouts.place title="Kitchen" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>The rice shelf</h1>
            <ul class="lots">
                @foreach ($home->lots as $lot)
                    @php $belief = $knowledge->lot($lot->id); $left = $lot->leftG($knowledge); @endphp
                    <li>
                        <x-drawing.belief :$belief :width="260" />
                        <div>
                            <h2><a href="{{ route('lot', $lot->id) }}">{{ Str::ucfirst($lot->name) }}</a></h2>
                            <p class="under">{{ $say->label($lot->kind) }}{{ $lot->boughtOn === null ? '' : ', bought '.Carbon\CarbonImmutable::parse($lot->boughtOn)->format('j F Y') }}</p>
                            <p>{{ $say->first($belief->words()) }}.</p>
                            <p>@if ($left === null) Nobody weighed it. @else <strong>{{ Orbek\Core\Measure\Figure::of($left, 'g', 0, '-')->text() }}</strong> left of {{ Orbek\Core\Measure\Figure::of($lot->boughtG, 'g', 0, '-')->text() }}.@endif</p>
                        </div>
                    </li>
                @endforeach
            </ul>
        </section>
        <div>
            <section>
                <h2>A new bag</h2>
                <form method="post" action="{{ route('lots') }}" class="plain">
                    @csrf<input type="hidden" name="version" value="{{ $version }}">
                    <label>Its name <input name="name" maxlength="80" required autocomplete="off"></label>
                    <label>Kind of rice
                        <select name="kind">@foreach (Orbek\Core\Rice\RiceKind::cases() as $kind)<option value="{{ $kind->value }}">{{ $say->label($kind) }}</option>@endforeach</select>
                    </label>
                    <label>In the bag, g <input name="bought_g" type="number" min="1" max="100000" step="1"></label>
                    <label>Bought on <input name="bought_on" type="date"></label>
                    <button class="act">Put it on the shelf</button>
                </form>
            </section>
            <section>
                <h2>How amounts are shown</h2>
                <form method="post" action="{{ route('units') }}" class="plain">
                    @csrf<input type="hidden" name="version" value="{{ $version }}">
                    <label>In <select name="units">@foreach (Orbek\Core\Measure\Units::cases() as $unit)<option value="{{ $unit->value }}" @selected($unit === $home->units)>{{ $say->label($unit) }}</option>@endforeach</select></label>
                    <div class="pair">
                        <label>A cup is <select name="cup">@foreach (Orbek\Core\Measure\Cup::cases() as $cup)<option value="{{ $cup->value }}" @selected($cup === $home->cup)>{{ $say->label($cup) }}, {{ round($cup->millilitres()) }} ml</option>@endforeach</select></label>
                        <label>The salt <select name="salt">@foreach (Orbek\Core\Measure\Salt::cases() as $salt)<option value="{{ $salt->value }}" @selected($salt === $home->salt)>{{ $salt->value }}, {{ $salt->gramsPerTeaspoon() }} g a teaspoon</option>@endforeach</select></label>
                    </div>
                    <button class="act">Show them so</button>
                </form>
            </section>
            <section>
                <h2>Without draining</h2>
                <p><a href="{{ route('absorption') }}">Rice by absorption</a>: how much water for one pot or a cooker.</p>
            </section>
            <section>
                <h2>Pots and rings</h2>
                <p><a href="{{ route('kitchen.things') }}">Add, change or take away</a> · <a href="{{ route('stoves') }}">what each pot on each ring has taught</a>, and a boil test.</p>
                <ul class="amounts">
                    @foreach ($home->pots as $pot)<li><strong>{{ $pot->name }}</strong>, {{ number_format($pot->heightCm(), 1) }} cm high inside</li>@endforeach
                    @if ($home->oven !== null)<li><strong>{{ Str::ucfirst($home->oven->name) }}</strong>, up to {{ round($home->oven->mostC) }} °C</li>@endif
                    @foreach ($home->burners as $burner)<li><strong>{{ $burner->label() }}</strong>, {{ round($burner->netW()) }} W of it reach the pot</li>@endforeach
                    <li>{{ round($home->altitudeM) }} m above the sea: water boils at <strong>{{ number_format($home->boilC(), 1) }} °C</strong></li>
                </ul>
            </section>
        </div>
    </div>
</x-layouts.place>
