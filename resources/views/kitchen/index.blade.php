<x-layouts.place :title="$t('pages/kitchen.kitchen')" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ $home->name }}</h1>
            <x-drawing.kitchen :$home />
            <p><a href="{{ route('kitchen.things') }}">{{ $t('pages/kitchen.add-change-or-take-away') }}</a> · <a href="{{ route('stoves')
                }}">{{ $t('pages/kitchen.what-each-pot-on-each-ring') }}</a>{{ $t('pages/kitchen.and-a-boil-test') }}</p>
            <ul class="amounts">
                @foreach ($home->equipment->plates as $plate)<li>{{ $th('pages/kitchen.kg', plate: $say->first($plate->name), kg:
                    number_format($plate->kg, 1)) }}</li>@endforeach
                @if ($home->equipment->oven !== null)<li>{{ $th('pages/kitchen.to', oven: $say->first($home->equipment->oven->name),
                    leastC: $say->degrees($home->equipment->oven->leastC), mostC: $say->degrees($home->equipment->oven->mostC))
                    }}</li>@endif
                @foreach ($home->cookers() as $pot)<li>{{ $th('pages/kitchen.a-cooker', pot: $say->first($pot->name), cupMl: (int)
                    round($pot->cooker->cupMl), keepsWarm: $pot->cooker->keepsWarm) }}</li>@endforeach
                <li>{{ $t('pages/kitchen.hands-and-tools', hands: $home->equipment->hands, hasThermometer: $home->equipment->hasThermometer,
                    hasScale: $home->equipment->hasScale, hasTray: $home->equipment->trayCm2 !== null, trayCm2: (int)
                    round($home->equipment->trayCm2 ?? 0)) }}</li>
                <li>{{ $th('pages/kitchen.m-above-the-sea-water-boils', altitudeM: round($home->site->altitudeM), boilC:
                    $say->degrees($home->boilC(), 1)) }}</li>
            </ul>
            <h2>{{ $t('pages/kitchen.the-rice-shelf') }}</h2>
            <ul class="lots">
                @foreach ($home->pantry->bags as $bag)
                    <li>
                        <x-drawing.belief :belief="$knowledge->bag($bag->id)" :width="260" />
                        <div>
                            <h2><a href="{{ route('lot', $bag->id) }}">{{ $say->first($bag->name) }}</a></h2>
                            <p class="under">{{ $t('pages/kitchen.kind-and-bought', kind: $bag->kind, isDated: $bag->boughtOn !== null,
                                bought: $bag->boughtOn === null ? '' : $say->dated(Carbon\CarbonImmutable::parse($bag->boughtOn),
                                    'date-year'))
                                }}</p>
                            <p>{{ $say->first($knowledge->bag($bag->id)->words()) }}.</p>
                            <p>@if ($bag->leftG($knowledge) === null) {{ $t('pages/kitchen.nobody-weighed') }} @else {{
                                $th('pages/kitchen.left-of', left: Orbek\Core\Measure\Figure::of($bag->leftG($knowledge), 'g', 0,
                                '-'), full: Orbek\Core\Measure\Figure::of($bag->boughtG, 'g', 0, '-')) }}@endif</p>
                            @include('kitchen.empty', ['pace' => $paces[$bag->id] ?? null, 'left' => $bag->leftG($knowledge)])
                        </div>
                    </li>
                @endforeach
            </ul>
        </section>
        <div>
            <section>
                <h2>{{ $t('pages/kitchen.a-new-bag') }}</h2>
                <form method="post" action="{{ route('lots') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>{{ $t('pages/kitchen.its-name') }} <input name="name" maxlength="80" required autocomplete="off"></label>
                    <label>{{ $t('pages/kitchen.kind-of-rice') }} <select name="kind">@foreach (Orbek\Core\Rice\RiceKind::cases()
                        as $kind)<option value="{{ $kind->value }}">{{
                            $say->label($kind) }}</option>@endforeach</select>
                    </label>
                    <label>{{ $t('pages/kitchen.in-the-bag-g') }} <input name="bought_g" type="number" min="1" max="100000"
                        step="1"></label>
                    <label>{{ $t('pages/kitchen.bought-on') }} <input name="bought_on" type="date"></label>
                    <button class="act">{{ $t('pages/kitchen.put-it-on-the-shelf') }}</button>
                </form>
            </section>
            <section>
                <h2>{{ $t('pages/kitchen.how-amounts-are-shown') }}</h2>
                <form method="post" action="{{ route('units') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>{{ $t('pages/kitchen.language') }} <select
                        name="language">@foreach (App\Wording\Language::names() as $one => $name)<option value="{{ $one }}"
                        lang="{{ $one }}" @selected($one === ($home->reading->language ?? $say->language()))>{{ $name
                        }}</option>@endforeach</select></label>
                    <label>{{ $t('pages/kitchen.in') }} <select name="units">@foreach (Orbek\Core\Measure\Units::cases() as $unit)<option
                        value="{{ $unit->value }}"
                        @selected($unit === $home->reading->units)>{{ $say->label($unit) }}</option>@endforeach</select></label>
                    <div class="pair">
                        <label>{{ $t('pages/kitchen.a-cup') }} <select name="cup">@foreach (Orbek\Core\Measure\Cup::cases() as $cup)<option
                            value="{{ $cup->value
                            }}" @selected($cup === $home->equipment->cup)>{{ $t('pages/kitchen.ml', cup: $say->label($cup), millilitres:
                                round($cup->millilitres())) }}</option>@endforeach</select></label>
                        <label>{{ $t('pages/kitchen.the-salt') }} <select name="salt">@foreach (Orbek\Core\Measure\Salt::cases()
                            as $salt)<option value="{{
                            $salt->value }}" @selected($salt === $home->pantry->salt)>{{ $t('pages/kitchen.g-a-teaspoon', salt:
                                $salt, gramsPerTeaspoon: $salt->gramsPerTeaspoon()) }}</option>@endforeach</select></label>
                    </div>
                    <div class="pair">
                        <label>{{ $t('pages/kitchen.temperatures-in') }} <select
                            name="degrees">@foreach (Orbek\Core\Measure\Degrees::cases() as $one)<option
                            value="{{ $one->value }}" @selected($one === $home->reading->degrees)>{{ $say->label($one)
                            }}</option>@endforeach</select></label>
                        <label>{{ $t('pages/kitchen.the-clock') }} <select name="hours"><option value="24">{{ $t('pages/kitchen.24-hours')
                            }}</option><option value="12"
                            @selected($home->reading->isTwelveHours)>{{ $t('pages/kitchen.12-hours') }}</option></select></label>
                    </div>
                    <label>{{ $t('pages/kitchen.the-week-begins') }} <select
                        name="week_starts">@foreach (Orbek\Core\Measure\Weekday::cases() as $one)<option
                        value="{{ $one->value }}" @selected($one === $home->reading->weekStarts)>{{ $say->label($one)
                        }}</option>@endforeach</select></label>
                    <button class="act">{{ $t('pages/kitchen.show-them-so') }}</button>
                </form>
            </section>
            <section>
                <h2>{{ $t('pages/kitchen.kitchens') }}</h2>
                <ul class="things">
                    @foreach ($kitchens as $kitchen)
                        <li class="kitchen-row"><span>{{ $t('pages/kitchen.kitchen-in-use', kitchen: $kitchen->document['name'], isInUse:
                            $kitchen->id === $inUse) }}</span>
                            @if ($kitchen->id !== $inUse)
                                <form method="post" action="{{ route('kitchens.use', $kitchen) }}">@csrf<button class="small-button"
                                    aria-label="{{ $t('pages/kitchen.cook-in', name: $kitchen->document['name']) }}">{{
                                        $t('pages/kitchen.cook-in-this-one') }}</button></form>
                                <form method="post" action="{{ route('kitchens.away', $kitchen) }}">@csrf<button class="small-button"
                                    aria-label="{{ $t('pages/kitchen.take-away', name: $kitchen->document['name']) }}">{{
                                        $t('pages/kitchen.take-it-away') }}</button></form>
                            @endif</li>
                    @endforeach
                </ul>
                @if (session('kitchen-away'))<form method="post" action="{{ route('kitchens.back') }}" class="undo">@csrf<p role="status">{{
                    $t('pages/kitchen.is-taken-away', name: session('kitchen-away')['name']) }} <button class="small-button">{{
                    $t('pages/kitchen.undo') }}</button></p></form>@endif
                <p><a href="{{ route('begin') }}">{{ $t('pages/kitchen.another-kitchen') }}</a> · <a href="{{ route('kitchens.file') }}">{{
                    $t('pages/kitchen.this-one-as-a-file') }}</a>@if (app(App\Models\Household::class)->is_demo) · <a href="{{
                    route('demo.ask') }}">{{ $t('pages/kitchen.take-the-demo-away')
                    }}</a>@elseif (App\Models\Household::query()->where('is_demo', true)->exists()) · <a href="{{ route('demo.ask')
                    }}">{{ $t('pages/kitchen.take-the-demo-away') }}</a>@endif</p>
                @if (! app(App\Models\Household::class)->is_demo && App\Models\Household::query()->where('is_demo', true)->exists())<form
                    method="post" action="{{ route('demo.in') }}">@csrf<button class="small-button">{{
                        $t('pages/kitchen.look-into-the-demo-kitchen') }}</button></form>@endif
                <form method="post" action="{{ route('kitchens.preview') }}" enctype="multipart/form-data" class="from-file">@csrf<label
                    for="kitchen-file">{{ $t('pages/kitchen.a-kitchen-from-a-file') }}</label><input id="kitchen-file" type="file"
                        name="file"
                    accept=".json,application/json" required><button class="quiet">{{ $t('pages/kitchen.look-at') }}</button></form>
                <h2>{{ $t('pages/kitchen.everything') }}</h2>
                <p><a href="{{ route('archive.file') }}" download>{{ $t('pages/kitchen.all-that-is-kept-here') }}</a>{{
                    $t('pages/kitchen.dishes-meals-cooks-photographs-what-was') }}</p>
                <form method="post" action="{{ route('archive.look') }}" enctype="multipart/form-data" class="from-file">@csrf<label
                    for="archive-file">{{ $t('pages/kitchen.an-archive-of-a-household') }}</label><input id="archive-file" type="file"
                        name="file"
                    accept=".zip,application/zip" required><button class="quiet">{{ $t('pages/kitchen.look-at') }}</button></form>
            </section>
            <section>
                <h2>{{ $t('pages/kitchen.without-draining') }}</h2>
                <p><a href="{{ route('absorption') }}">{{ $t('pages/kitchen.rice-by-absorption') }}</a>{{
                    $t('pages/kitchen.how-much-water-for-one-pot') }}</p>
            </section>
        </div>
    </div>
</x-layouts.place>
