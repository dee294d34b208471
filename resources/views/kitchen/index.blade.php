<x-layouts.place title="Kitchen" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ $home->name }}</h1>
            <x-drawing.kitchen :$home />
            <p><a href="{{ route('kitchen.things') }}">Add, change or take away</a> · <a href="{{ route('stoves') }}">what each pot on each
                ring has taught</a>, and a boil test.</p>
            <ul class="amounts">
                @foreach ($home->equipment->plates as $plate)<li><strong>{{ Str::ucfirst($plate->name) }}</strong>, {{
                    number_format($plate->kg, 1) }}
                    kg</li>@endforeach
                @if ($home->equipment->oven !== null)<li><strong>{{ Str::ucfirst($home->equipment->oven->name) }}</strong>, {{
                    $say->degrees($home->equipment->oven->leastC)
                    }} to {{ $say->degrees($home->equipment->oven->mostC) }}</li>@endif
                @foreach ($home->cookers() as $pot)<li><strong>{{ Str::ucfirst($pot->name) }}</strong>, its cup {{
                    round($pot->cooker->cupMl) }} ml{{ $pot->cooker->keepsWarm ? ', keeps warm' : '' }}</li>@endforeach
                <li>{{ $home->equipment->hands === 1 ? 'One pair of hands' : $home->equipment->hands.' pairs of hands' }}; {{
                    $home->equipment->hasThermometer ?
                    'a thermometer' : 'no thermometer' }}, {{ $home->equipment->hasScale ? 'a scale' : 'no scale' }}{{
                        $home->equipment->trayCm2 === null ? '' :
                    ', a tray of '.round($home->equipment->trayCm2).' cm²' }}</li>
                <li>{{ round($home->site->altitudeM) }} m above the sea: water boils at <strong>{{ $say->degrees($home->boilC(), 1)
                    }}</strong></li>
            </ul>
            <h2>The rice shelf</h2>
            <ul class="lots">
                @foreach ($home->pantry->bags as $bag)
                    <li>
                        <x-drawing.belief :belief="$knowledge->bag($bag->id)" :width="260" />
                        <div>
                            <h2><a href="{{ route('lot', $bag->id) }}">{{ Str::ucfirst($bag->name) }}</a></h2>
                            <p class="under">{{ $say->label($bag->kind) }}{{ $bag->boughtOn === null ? '' :
                                ', bought '.Carbon\CarbonImmutable::parse($bag->boughtOn)->format('j F Y') }}</p>
                            <p>{{ $say->first($knowledge->bag($bag->id)->words()) }}.</p>
                            <p>@if ($bag->leftG($knowledge) === null) Nobody weighed it. @else <strong>{{
                                Orbek\Core\Measure\Figure::of($bag->leftG($knowledge), 'g', 0,
                                '-')->text() }}</strong> left of {{ Orbek\Core\Measure\Figure::of($bag->boughtG, 'g', 0, '-')->text()
                                }}.@endif</p>
                            @include('kitchen.empty', ['pace' => $paces[$bag->id] ?? null, 'left' => $bag->leftG($knowledge)])
                        </div>
                    </li>
                @endforeach
            </ul>
        </section>
        <div>
            <section>
                <h2>A new bag</h2>
                <form method="post" action="{{ route('lots') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>Its name <input name="name" maxlength="80" required autocomplete="off"></label>
                    <label>Kind of rice
                        <select name="kind">@foreach (Orbek\Core\Rice\RiceKind::cases() as $kind)<option value="{{ $kind->value }}">{{
                            $say->label($kind) }}</option>@endforeach</select>
                    </label>
                    <label>In the bag, g <input name="bought_g" type="number" min="1" max="100000" step="1"></label>
                    <label>Bought on <input name="bought_on" type="date"></label>
                    <button class="act">Put it on the shelf</button>
                </form>
            </section>
            <section>
                <h2>How amounts are shown</h2>
                <form method="post" action="{{ route('units') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>In <select name="units">@foreach (Orbek\Core\Measure\Units::cases() as $unit)<option value="{{ $unit->value }}"
                        @selected($unit === $home->reading->units)>{{ $say->label($unit) }}</option>@endforeach</select></label>
                    <div class="pair">
                        <label>A cup is <select name="cup">@foreach (Orbek\Core\Measure\Cup::cases() as $cup)<option value="{{ $cup->value
                            }}" @selected($cup === $home->equipment->cup)>{{ $say->label($cup) }}, {{ round($cup->millilitres()) }}
                            ml</option>@endforeach</select></label>
                        <label>The salt <select name="salt">@foreach (Orbek\Core\Measure\Salt::cases() as $salt)<option value="{{
                            $salt->value }}" @selected($salt === $home->pantry->salt)>{{ $salt->value }}, {{ $salt->gramsPerTeaspoon() }} g
                                a
                            teaspoon</option>@endforeach</select></label>
                    </div>
                    <div class="pair">
                        <label>Temperatures in <select name="degrees">@foreach (Orbek\Core\Measure\Degrees::cases() as $one)<option
                            value="{{ $one->value }}" @selected($one === $home->reading->degrees)>{{ $say->label($one)
                            }}</option>@endforeach</select></label>
                        <label>The clock <select name="hours"><option value="24">24 hours</option><option value="12"
                            @selected($home->reading->isTwelveHours)>12 hours</option></select></label>
                    </div>
                    <label>The week begins on <select name="week_starts">@foreach (Orbek\Core\Measure\Weekday::cases() as $one)<option
                        value="{{ $one->value }}" @selected($one === $home->reading->weekStarts)>{{ $say->label($one)
                        }}</option>@endforeach</select></label>
                    <button class="act">Show them so</button>
                </form>
            </section>
            <section>
                <h2>Kitchens</h2>
                <ul class="things">
                    @foreach ($kitchens as $kitchen)
                        <li class="kitchen-row"><span>{{ $kitchen->document['name'] }}{{ $kitchen->id === $inUse ? ', cooked in now' : ''
                            }}</span>
                            @if ($kitchen->id !== $inUse)
                                <form method="post" action="{{ route('kitchens.use', $kitchen) }}">@csrf<button class="small-button"
                                    aria-label="Cook in {{ $kitchen->document['name'] }}">Cook in this one</button></form>
                                <form method="post" action="{{ route('kitchens.away', $kitchen) }}">@csrf<button class="small-button"
                                    aria-label="Take away {{ $kitchen->document['name'] }}">Take it away</button></form>
                            @endif</li>
                    @endforeach
                </ul>
                @if (session('kitchen-away'))<form method="post" action="{{ route('kitchens.back') }}" class="undo">@csrf<p role="status">{{
                    session('kitchen-away')['name'] }} is taken away. <button class="small-button">Undo</button></p></form>@endif
                <p><a href="{{ route('begin') }}">Another kitchen</a> · <a href="{{ route('kitchens.file') }}">this one as a
                    file</a>@if (app(App\Models\Household::class)->is_demo) · <a href="{{ route('demo.ask') }}">take the demo
                    away</a>@elseif (App\Models\Household::query()->where('is_demo', true)->exists()) · <a href="{{ route('demo.ask')
                    }}">take the demo away</a>@endif</p>
                @if (! app(App\Models\Household::class)->is_demo && App\Models\Household::query()->where('is_demo', true)->exists())<form
                    method="post" action="{{ route('demo.in') }}">@csrf<button class="small-button">Look into the demo
                    kitchen</button></form>@endif
                <form method="post" action="{{ route('kitchens.preview') }}" enctype="multipart/form-data" class="from-file">@csrf<label
                    for="kitchen-file">A kitchen from a file</label><input id="kitchen-file" type="file" name="file"
                    accept=".json,application/json" required><button class="quiet">Look at it</button></form>
                <h2>Everything</h2>
                <p><a href="{{ route('archive.file') }}" download>All that is kept here as one file</a>: dishes, meals, cooks, photographs,
                    what was learned; no passphrases.</p>
                <form method="post" action="{{ route('archive.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
                    for="archive-file">An archive of a household</label><input id="archive-file" type="file" name="file"
                    accept=".zip,application/zip" required><button class="quiet">Look at it</button></form>
            </section>
            <section>
                <h2>Without draining</h2>
                <p><a href="{{ route('absorption') }}">Rice by absorption</a>: how much water for one pot or a cooker.</p>
            </section>
        </div>
    </div>
</x-layouts.place>
