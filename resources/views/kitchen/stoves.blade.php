<x-layouts.place :title="$t('pages/kitchen.pots-on-rings')" place="kitchen">
    <div class="page kitchen-page">
        <section>
            <h1>{{ $t('pages/kitchen.pots-on-rings') }}</h1>
            <p class="lead">{{ $t('pages/kitchen.how-much-heat-a-pot-really') }}</p>
            <ul class="lots">
                @foreach ($home->stovePots() as $pot)
                    @foreach ($home->equipment->rings as $ring)
                        <li>
                            <x-drawing.belief :belief="$knowledge->stove($pot->id, $ring)" :width="260" stove />
                            <div>
                                <h2>{{ $t('pages/kitchen.on', pot: $pot->name, ring: $ring->name) }}</h2>
                                <p>{{ $th('pages/kitchen.w-reach-it-at-full-setting', stoveWords: $say->first($knowledge->stove($pot->id,
                                    $ring)->stoveWords()), netW: round($knowledge->stove($pot->id, $ring)->likely() * $ring->netW())) }}</p>
                            </div>
                        </li>
                    @endforeach
                @endforeach
            </ul>
        </section>
        <div>
            <section>
                <h2>{{ $t('pages/kitchen.a-boil-test') }}</h2>
                <p class="small">{{ $t('pages/kitchen.known-water-two-temperatures-the-minutes') }}</p>
                <form method="post" action="{{ route('stoves.test') }}" class="plain">
                    @csrf
                    <label>{{ $t('pages/kitchen.pot') }} <select name="pot">@foreach ($home->stovePots() as $pot)<option value="{{ $pot->id
                        }}">{{ $pot->name
                        }}</option>@endforeach</select></label>
                    <label>{{ $t('pages/kitchen.ring') }} <select name="burner">@foreach ($home->equipment->rings as $ring)<option value="{{
                        $ring->id }}">{{
                        $ring->label() }}</option>@endforeach</select></label>
                    <div class="pair"><label>{{ $t('pages/kitchen.water-litres') }} <input name="litres" type="number" min="0.3" max="30"
                        step="0.1" value="2"
                        required></label><label>{{ $t('pages/kitchen.ring-at-a-mark') }} <input name="setting" value="100" maxlength="40"
                            required
                        autocomplete="off"></label></div>
                    <div class="pair"><label>{{ $t('pages/kitchen.from', reading: $say->reading()->degrees->sign()) }} <input
                        name="from_c" type="number" min="{{ ceil($say->reading()->degrees(1)) }}" max="{{
                            floor($say->reading()->degrees(90)) }}" step="0.1"
                        value="{{ $say->reading()->degrees(20) }}" required></label><label>{{ $t('pages/kitchen.to-2', reading:
                            $say->reading()->degrees->sign()) }} <input
                            name="to_c" type="number" min="{{
                        ceil($say->reading()->degrees(11)) }}" max="{{ floor($say->reading()->degrees(97)) }}" step="0.1" value="{{
                            $say->reading()->degrees(90) }}"
                        required></label></div>
                    <label>{{ $t('pages/kitchen.minutes') }} <input name="minutes" type="number" min="1" max="60" step="0.1"
                        required></label>
                    <button class="act">{{ $t('pages/kitchen.it-took-so-long') }}</button>
                </form>
            </section>
            <section>
                <h2>{{ $t('pages/kitchen.what-taught') }}</h2>
                <ul class="taught">
                    @foreach ($tests as $test)
                        <li><p>{{ $t('pages/kitchen.boil-test-of-on-w', testedAt:
                            $say->dated($test->tested_at->setTimezone($home->site->timezone), 'date'), pot:
                            $home->equipment->pots[$test->pot]->name ?? $test->pot, burner: $home->equipment->rings[$test->burner]->name ??
                            $test->burner, netW: round($test->document['net_w'])) }}</p><form method="post" action="{{
                            route('stoves.test.back', $test)
                            }}">@csrf<button class="small-button" aria-label="{{ $t('pages/kitchen.take-back-the-boil-test', testedAt:
                                $say->dated($test->tested_at, 'date')) }}">{{ $t('pages/kitchen.take-back') }}</button></form></li>
                    @endforeach
                    @foreach ($cooks as $cook)
                        <li><p>{{ $t('pages/kitchen.taught-by', cook: $cook->name, day:
                            $say->dated($cook->started_at->setTimezone($home->site->timezone), 'date'), crust:
                                isset($cook->summary['crust'])
                            ? Orbek\Core\Lid\CrustColour::from($cook->summary['crust']) : $t('pages/kitchen.not-noted'), pot:
                                $home->equipment->pots[$cook->summary['stove']['pot']]->name ??
                            $cook->summary['stove']['pot'], isTakenBack: $cook->stove_taken_back) }}</p><form method="post"
                            action="{{ route('stoves.cook.back', $cook) }}">@csrf<input type="hidden" name="back" value="{{
                            $cook->stove_taken_back ? '0' : '1' }}"><button class="small-button" aria-label="{{ $cook->stove_taken_back ?
                            $t('pages/kitchen.let-it-count') : $t('pages/kitchen.take-back') }}: {{ $cook->name }}, {{
                                $say->dated($cook->started_at, 'date') }}">{{
                                $t('pages/kitchen.take-back-or-count', isTakenBack: $cook->stove_taken_back) }}</button></form></li>
                    @endforeach
                </ul>
                @if ($tests->isEmpty() && $cooks->isEmpty())<p>{{ $t('pages/kitchen.nothing-yet-a-noted-crust') }}</p>@endif
            </section>
        </div>
    </div>
</x-layouts.place>
