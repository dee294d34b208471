<x-layouts.place :title="$t('pages/kitchen.pots-rings-and-plates')" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ $t('pages/kitchen.pots-rings-and-plates') }}</h1>
            <x-drawing.kitchen :$home />
            @if (session('stay'))<p role="status">{{ $t('pages/kitchen.changed-since-left-as-now', number: implode($comma, session('stay')))
                }}</p>@endif
            @if ($before !== null)<form method="post" action="{{ route('kitchen.undo') }}" class="undo">@csrf<x-of-kitchen :$row /><p
                role="status">{{ $t('pages/kitchen.changed', what: $before->what) }} <button class="small-button">{{
                    $t('pages/kitchen.undo') }}</button> <a href="{{ route('kitchen.versions',
                $row) }}">{{ $t('pages/kitchen.what-changed') }}</a></p></form>@endif
            @foreach ([
                [Orbek\Core\Kitchen\Thing::Pot, $t('pages/kitchen.things', of: 'pot'), collect($home->equipment->pots)->map(fn ($pot) =>
                    $t('pages/kitchen.pot-measures', pot: $pot->name, across: number_format($pot->diameterCm),
                    high: number_format($pot->heightCm(), 1))),
                    $t('pages/kitchen.another', of: 'pot')],
                [Orbek\Core\Kitchen\Thing::Ring, $t('pages/kitchen.things', of: 'ring'), collect($home->equipment->rings)->map(fn ($ring) =>
                    $ring->label().$comma.($ring->knob->marks === []
                    ?
                    $t('pages/kitchen.no-marks') : $ring->knob->written())), $t('pages/kitchen.another', of: 'ring')],
                [Orbek\Core\Kitchen\Thing::Plate, $t('pages/kitchen.things', of: 'plate'), collect($home->equipment->plates)->map(fn
                    ($plate) =>
                    $t('pages/kitchen.plate-weighs', plate: $plate->name, kg: number_format($plate->kg, 1))),
                    $t('pages/kitchen.another', of: 'plate')],
            ] as [$thing, $title, $list, $another])
                <h2>{{ $title }}</h2>
                <ul class="things">
                    @foreach ($list as $id => $line)
                        <li>
                            <details><summary>{{ $say->first($line) }}@if (isset($used[$id])) <span class="small">{{
                                $t('pages/kitchen.used-by-dishes', dishes:
                                count($used[$id])) }}</span>@endif</summary>
                                <form method="post" action="{{ route('kitchen.thing', [$thing->value, $id]) }}" class="plain">
                                    @csrf<x-of-kitchen :$row />
                                    @include('kitchen.thing', ['one' => match ($thing) { Orbek\Core\Kitchen\Thing::Pot =>
                                        $home->equipment->pots[$id],
                                        Orbek\Core\Kitchen\Thing::Ring =>
                                        $home->equipment->rings[$id], Orbek\Core\Kitchen\Thing::Plate => $home->equipment->plates[$id] }])
                                    <button class="act">{{ $t('pages/kitchen.save-it') }}</button>
                                    <button name="like" value="1" class="quiet" aria-label="{{ $t('pages/kitchen.another-like-this-one-2',
                                        line: $line) }}">{{ $t('pages/kitchen.another-like-this-one') }}</button>
                                </form>
                                <form method="post" action="{{ route('kitchen.thing.away', [$thing->value, $id]) }}" class="plain away">
                                    @csrf<x-of-kitchen :$row />
                                    @if (isset($used[$id]))<label>{{ $t('pages/kitchen.use-it-and-move', things: array_slice($used[$id], 0,
                                        3), more: max(0, count($used[$id]) - 3)) }} <select
                                        name="move_to">@foreach ($list->only($alike($thing, (string) $id)) as $other => $says)<option
                                        value="{{ $other }}">{{ $says }}</option>@endforeach</select></label>@endif
                                    <button class="small-button" aria-label="{{ $t('pages/kitchen.take-away-3', line: $line) }}">{{
                                        $t('pages/kitchen.take-it-away') }}</button>
                                </form>
                            </details>
                        </li>
                    @endforeach
                </ul>
                <details class="adding"><summary>{{ $another }}</summary>
                    <form method="post" action="{{ route('kitchen.thing', $thing->value) }}" class="plain">
                        @csrf<x-of-kitchen :$row />
                        @include('kitchen.thing', ['one' => null])
                        <button class="act">{{ $t('pages/kitchen.add-it') }}</button>
                    </form>
                </details>
            @endforeach
        </section>
        <div>
            <section>
                <h2>{{ $t('pages/kitchen.where-it-cooks') }}</h2>
                <form method="post" action="{{ route('kitchen.place') }}" class="plain">
                    @csrf<x-of-kitchen :$row />
                    <label>{{ $t('pages/kitchen.called') }} <input name="name" maxlength="80" required value="{{ $home->name }}"
                        autocomplete="off"></label>
                    <label>{{ $t('pages/kitchen.above-the-sea-m') }} <input name="altitude_m" type="number" min="-430" max="5500" step="1"
                        required value="{{
                        round($home->site->altitudeM) }}"></label>
                    <div class="pair"><label>{{ $t('pages/kitchen.the-room', reading: $say->reading()->degrees->sign()) }} <input
                        name="room_c" type="number" step="any"
                        required value="{{
                        round($say->reading()->degrees($home->site->roomC), 1) }}"></label><label>{{ $t('pages/kitchen.the-tap', reading:
                            $say->reading()->degrees->sign()) }} <input name="tap_c"
                            type="number"
                        step="any" required value="{{ round($say->reading()->degrees($home->site->tapC), 1) }}"></label></div>
                    <label>{{ $t('pages/kitchen.its-time-zone') }} <input name="timezone" required maxlength="60" value="{{
                        $home->site->timezone->getName() }}"
                        autocomplete="off"></label>
                    <div class="pair"><label>{{ $t('pages/kitchen.oven') }} <select name="oven"><option value="0">{{
                        $t('pages/kitchen.none') }}</option><option value="1"
                        @selected($home->equipment->oven
                        !== null)>{{ $home->equipment->oven->name ?? $t('pages/kitchen.an-oven') }}</option></select></label><label>{{
                            $t('pages/kitchen.pairs-of-hands') }} <input
                            name="hands"
                        type="number" min="1" max="6" step="1" required value="{{ $home->equipment->hands }}"></label></div>
                    <div class="pair"><label>{{ $t('pages/kitchen.it-goes-from', reading: $say->reading()->degrees->sign()) }} <input
                        name="least_c" type="number"
                        step="any" value="{{
                        $home->equipment->oven
                        === null ? '' : round($say->reading()->degrees($home->equipment->oven->leastC)) }}"></label><label>{{
                            $t('pages/kitchen.to-3', reading: $say->reading()->degrees->sign()) }} <input
                            name="most_c"
                        type="number" step="any" value="{{ $home->equipment->oven === null ? '' :
                            round($say->reading()->degrees($home->equipment->oven->mostC))
                        }}"></label></div>
                    <label>{{ $t('pages/kitchen.tray-for-drained-rice-cm') }} <input name="tray_cm2" type="number" min="100" max="10000"
                        step="10" value="{{
                        $home->equipment->trayCm2 === null ? '' : round($home->equipment->trayCm2) }}"></label>
                    <label class="check"><input type="checkbox" name="thermometer" value="1" @checked($home->equipment->hasThermometer)> {{
                        $t('pages/kitchen.a-thermometer') }}</label>
                    <label class="check"><input type="checkbox" name="scale" value="1" @checked($home->equipment->hasScale)> {{
                        $t('pages/kitchen.a-scale') }}</label>
                    <p class="small">{{ $th('pages/kitchen.water-boils-here', boilC: $say->degrees($home->boilC(), 1)) }}</p>
                    <button class="act">{{ $t('pages/kitchen.it-cooks-there') }}</button>
                </form>
            </section>
            <section>
                <h2>{{ $t('pages/kitchen.what-a-mark-gives') }}</h2>
                <p>{{ $th('pages/kitchen.write-a-rings-marks') }} <a href="{{ route('stoves') }}">{{ $t('pages/kitchen.boil-test-at-a-mark')
                    }}</a> {{ $th('pages/kitchen.tells-it-known-it-is-written') }}</p>
                <datalist id="knobs">@foreach (Orbek\Core\Pot\Knob::SOLD as $marks)@if ($marks !== [])<option
                    value="{{ implode(', ', $marks) }}"></option>@endif @endforeach</datalist>
                <p class="small">{{ $t('pages/kitchen.heats-are-told-in-these-words') }}</p>
            </section>
        </div>
        <section class="meters" aria-labelledby="meters">
            <h2 id="meters">{{ $t('pages/kitchen.things-that-measure') }}</h2>
            @if (session('meter'))<p class="message" role="status">{{ $t('pages/kitchen.it-speaks') }} <code>{{ session('meter') }}</code>{{
                $t('pages/kitchen.this-is-shown-once-docs-formats') }}</p>@endif
            @if ($meters->isNotEmpty())
                <ul class="amounts">@foreach ($meters as $meter)<li><strong>{{ $meter->name }}</strong>{{ $comma }}{{
                    $t('pages/kitchen.meter-kind',
                    kind: $meter->kind->value) }} <form
                    method="post" action="{{ route('meters.away', $meter) }}">@csrf<button class="small-button" aria-label="{{
                        $t('pages/kitchen.take-away-4', meter: $meter->name) }}">{{ $t('pages/kitchen.take-away-2')
                        }}</button></form></li>@endforeach</ul>
            @endif
            <details class="adding"><summary>{{ $t('pages/kitchen.a-probe-a-scale') }}</summary>
                <form method="post" action="{{ route('meters.make') }}">
                    @csrf
                    <label>{{ $t('pages/kitchen.what-it-is-called') }} <input name="name" maxlength="80" required
                        autocomplete="off"></label>
                    <label>{{ $t('pages/kitchen.it-reads') }} <select name="kind">@foreach (App\Models\MeterKind::cases() as $kind)<option
                        value="{{ $kind->value
                        }}">{{ $t('pages/kitchen.meter-kind', kind: $kind->value) }}</option>@endforeach</select></label>
                    <button class="quiet">{{ $t('pages/kitchen.connect-it') }}</button>
                </form>
            </details>
            <p class="small">{{ $t('pages/kitchen.what-a-probe-reads-stands-beside') }}</p>
        </section>
    </div>
</x-layouts.place>
