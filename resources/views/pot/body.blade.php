<section class="picture" aria-label="The pot">
    @fragment('pot-title')<div id="pot-title"><h1>{{ $d->name }}</h1>
    <p class="under">{{ $d->grain->cooking !== $d->school->cooking || count($d->fillings->all) !== 1 || $d->grain->boiled !== [] ?
        'begun as '.lcfirst($d->school->label) : $d->school->label }} · usually for {{ $d->table->eaters }}</p>
    <details class="renaming" data-keep-open><summary>Another name</summary><x-word.text path="name" :value="$d->name"
        label="Name of the dish" /></details></div>@endfragment
    @fragment('section')<div id="section"><x-drawing.pot :$plan :moment="$course?->end()" touch /></div>@endfragment
    @fragment('pot-heat')<div id="pot-heat">
    <p class="caption"><strong>{{ $plan->pot()->name }}</strong>, {{ $plan->pot()->cooker !== null ? 'its own lid' :
        $d->lid->seal->name.', '.($inOven ? $plan->kitchen->equipment->oven->name ?? 'oven' : $load->place->ring->label()) }}</p>
    <x-drawing.heat :kitchen="$plan->kitchen" :ring="$load->place->ring->id" :heat="$load->heat()" :$course
        :colours="$plan->heating()?->colours()"
        :starts="$plan->day->at($plan->day->schedule->start(Orbek\Core\Plan\Work\WorkKind::Heat->id()))" touch />
    @if ($course !== null)
        <div class="slider"><label for="minute">Slide along the minutes</label><input id="minute" type="range" min="0" max="{{
            ceil($course->end()->minute) }}" step="1" value="{{ ceil($course->end()->minute) }}" data-url="{{
            url('/dishes/'.$dish->id.'/heat/at') }}" x-on:input="slide($event)" autocomplete="off"><p class="small" data-slid></p></div>
    @endif
    @if ($second !== null)<p class="small">and {{ round(100 * $second->place->share) }} % of it in the <strong>{{ $second->place->pot->name
        }}</strong>, {{ number_format($second->section->freeCm(), 1) }} cm free</p>@endif
    </div>@endfragment
    @fragment('pot-fails')<div id="pot-fails">@if (! $plan->isRight())<p class="fails" role="status"><strong>Not right as planned:</strong>
        {{ $plan->potted->tooFull() === null ? $say($faults[0]->says()) : 'the food does not go into the pot.' }} {{ count($faults) > 1 ?
        'And '.(count($faults) - 1).' more, at Heat.' : '' }}</p>@endif</div>@endfragment
    <form method="post" action="{{ route('cook.begin', $dish) }}" class="begin-cook" x-on:submit="beginOnce($event)">
        @csrf
        <input type="hidden" name="cook" value="{{ $nextCook }}">
        <button class="act">Start the cook now</button>
        @fragment('pot-first-work')<span id="pot-first-work">on the table at {{ $say->time($plan->day->tableAt) }}, {{
            $say->hours(-$plan->day->busyFrom()) }} in the kitchen</span>@endfragment
    </form>
    <form method="post" action="{{ route('meal.begin') }}" class="to-meal">@csrf<button class="quiet" name="dishes[]" value="{{ $dish->id
        }}">Put it on a table</button> <span>a day, a time, other dishes</span></form>
    {{-- Under the button, so that what comes later does not move it. --}}
    <div class="right" data-right data-kept x-ignore></div>
    <div class="dish-tools">
        <a href="{{ route('dish.list', $dish) }}">Shopping and mise</a>
        <a href="{{ route('dish.export', $dish) }}" download>Save as a file</a>
        <a href="{{ route('dish.recipe', $dish) }}" download>Save as a recipe</a>
        <a href="{{ route('dish.versions', $dish) }}">What changed</a>
        <form method="post" action="{{ route('dish.copy', $dish) }}">@csrf<button>Copy</button></form>
        <form method="post" action="{{ route('dish.away', $dish) }}">@csrf<button>Put away</button></form>
    </div>
    <h2 class="measured">To measure out</h2>
    @fragment('pot-measure')<ul class="measure" id="pot-measure">
        @foreach ($plan->ingredients as $ingredient)
            <li><span>{{ $ingredient->name }}</span> <strong>{{ $say->amount($ingredient->amount) }}</strong></li>
        @endforeach
    </ul>@endfragment
</section>

<div class="stations">
    @foreach (Orbek\Core\Plan\Station::cases() as $station)
        @fragment('station-'.$station->value)<section @class(['station', 'clashes' => $clashes[$station->value], 'is-open' => $station ===
            $open])
            id="station-{{ $station->value }}" data-station="{{ $station->value }}" aria-labelledby="h-{{ $station->value }}">
            <div class="line">
                <h2 id="h-{{ $station->value }}"><button type="button" data-open="{{ $station->value }}" aria-expanded="{{ $station ===
                    $open ? 'true' : 'false' }}">{{ $say->label($station) }}</button></h2>
                <div class="sentence">
                    @switch($station)
                        @case(Orbek\Core\Plan\Station::Table)
                            For <x-word.number path="usual/eaters" :value="$d->table->eaters" label="People eating" min="1" max="60" />
                            people, <x-word.number path="usual/children" :value="$d->table->children" label="Children among them" min="0"
                                :max="$d->table->eaters" /> of them children,
                            <x-word.choice path="usual/plates" :options="['light' => 'light', 'usual' => 'usual', 'hearty' => 'hearty']"
                                :value="$d->table->portion->value" label="Plates" /> plates,
                            <x-word.number path="usual/leftovers" :value="$d->table->leftovers" label="Portions left for later" min="0"
                                max="20" /> portions for later,
                            <x-word.number path="usual/side_dishes" :value="$d->table->sideDishes" label="Filling side dishes" min="0"
                                max="4" /> filling side dishes:
                            @if ($cups !== null)<x-word.number path="usual/raw_cups" :value="$cups" label="Raw rice, cups" min="0.1"
                                max="100" step="0.01" /> cups @else<x-word.number path="usual/raw_g"
                                :value="round($plan->potted->raw->inGrams())" label="Raw rice, g" min="1" max="20000" /> g @endif
                            of raw rice{{ $d->table->ownEachG === null ? '.' : ', '.$say->amount(
                                Orbek\Core\Measure\Quantity::grams($d->table->eachG())).' each: on usual plates that feeds '.
                                round($d->table->feeds()).'.' }}
                            @break
                        @case(Orbek\Core\Plan\Station::Rice)
                            <x-word.choice path="rice/lot" :options="$bags" :value="$d->grain->rice->bag" label="Bag of rice" />, rinsed
                                <x-word.number path="rice/rinses" :value="$d->grain->rice->rinses" label="Rinses" min="0" max="10" /> times,
                            soaked <x-word.number path="rice/soak/minutes" :value="round($d->grain->rice->soak->minutes)"
                                label="Soak, minutes"
                                min="0" max="2880" step="5" /> min
                            at <x-word.number path="rice/soak/celsius"
                                :value="round($say->reading()->degrees($d->grain->rice->soak->celsius), 1)"
                                :label="'Soak, '.$say->reading()->degrees->sign()" :min="round($say->reading()->degrees(0))"
                                :max="round($say->reading()->degrees(60))" /> {{ $say->reading()->degrees->sign() }}
                            with <x-word.salt path="rice/soak/salt_g_per_l" :grams="$d->grain->rice->soak->saltGPerL"
                                label="Salt in the soak" most="80" :salt="$plan->kitchen->pantry->salt" each="a litre" />.
                            @break
                        @case(Orbek\Core\Plan\Station::Water)
                            @if ($plan->measured() !== null)
                                @if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Cooker)
                                    In the <x-word.choice path="water/pot" :options="$cookers" :value="$d->grain->water->pot"
                                        label="Rice cooker"
                                        />:
                                @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker)
                                    Raw in the <x-word.choice path="water/pot" :options="$cookers" :value="$d->grain->water->pot"
                                        label="Rice cooker" />, layered with the filling:
                                @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::Share)
                                    In the <x-word.choice path="water/pot" :options="$pots" :value="$d->grain->water->pot"
                                        label="Pot for the rice"
                                        /> on <x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring"
                                        label="Ring for the rice" />, toasted <x-word.number path="water/toast_min"
                                        :value="$d->grain->water->toastMin" label="Toasted in fat, minutes" min="0" max="5" /> min, then
                                            till a
                                        grain <x-word.choice path="water/stage" :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                            'words')"
                                        :value="$d->grain->water->stage->value" label="Target stage" />:
                                @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::Quick)
                                    In the <x-word.choice path="water/pot" :options="$pots" :value="$d->grain->water->pot"
                                        label="Pot for the rice"
                                        /> on <x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring"
                                        label="Ring for the rice" />:
                                @else
                                    Over the filling, <x-word.number path="water/open_min" :value="$d->grain->water->openMin"
                                        label="Simmers open, minutes" min="0" max="60" /> min open till dry craters show:
                                @endif
                                <x-figure :figure="$plan->measured()->water" /> of liquid, <x-word.number path="water/broth_per_rice"
                                    :value="round($d->grain->water->brothPerRice, 2)" label="Broth, times the raw rice" min="0" max="3"
                                        step="0.1"
                                    /> times the rice of it broth,
                                <x-word.salt path="water/salt_g_per_l" :grams="$d->grain->water->saltGPerL" label="Salt in the water"
                                    most="50" :salt="$plan->kitchen->pantry->salt" each="a litre" />, <x-figure
                                    :figure="$plan->measured()->salt" /> in all, and all of it stays: the whole dish comes to <x-figure
                                    :figure="$plan->salting->percent()" />.
                                @break
                            @endif
                            Boil in <x-figure :figure="$boil->water" /> in the <x-word.choice path="water/pot" :options="$pots"
                                :value="$d->grain->water->pot" label="Pot to boil in" />
                            on <x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring"
                                label="Ring to boil on" />
                            with <x-word.salt path="water/salt_g_per_l" :grams="$d->grain->water->saltGPerL" label="Salt in the water"
                                most="50" :salt="$plan->kitchen->pantry->salt" each="a litre" />,
                            <x-figure :figure="$boil->salt" /> in all or
                            <x-word.number path="water/salt_teaspoons"
                                :value="round($plan->kitchen->pantry->salt->teaspoons(Orbek\Core\Measure\Mass::grams($boil->salt->amount)),
                                    1)"
                                label="Salt in the water, teaspoons" min="0" max="200" step="0.1" /> teaspoons of {{
                                $plan->kitchen->pantry->salt->value }} salt, of which <x-figure :figure="$boil->saltKept" /> stays: the
                                    whole dish
                                comes to <x-figure :figure="$plan->salting->percent()" />.
                            <x-word.choice path="water/oil" type="flag" :options="['1' => 'A spoonful of oil', '0' => 'No oil']"
                                :value="$d->grain->water->oil ? '1' : '0'" label="Oil in the water" />,
                            <x-word.choice path="water/lemon" type="flag" :options="['1' => 'a squeeze of lemon', '0' => 'no lemon']"
                                :value="$d->grain->water->lemon ? '1' : '0'" label="Lemon in the water" />,
                            <x-word.choice path="water/spices" :options="$say->options(Orbek\Core\Dish\Spices::cases())"
                                :value="$d->grain->water->spices->value" label="Whole spices in the water" />.
                            @if ($boil->isLiftedAt($d->grain->water->stage))
                                Lift when a grain <x-word.choice path="water/stage" :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                    'words')" :value="$d->grain->water->stage->value" label="Target stage" />; in the pot it will be
                                        <strong>{{
                                    round(100 * $boil->liftOf($d->grain->water->stage)->inPot) }} %</strong>,
                            @else
                                Lift the rice of each layer as it says at Layers, the last when a grain {{ $say->label($boil->last->stage,
                                    'words') }}; in the pot that will be <strong>{{ round(100 * $boil->last->inPot) }} %</strong>,
                            @endif
                            <x-word.choice path="water/drain" :options="$say->options(Orbek\Core\Rice\Draining::cases())"
                                :value="$d->grain->water->draining->value" label="After draining" />.
                            @break
                        @case(Orbek\Core\Plan\Station::Filling)
                            @if ($f === null) Nothing in it: rice alone. @else
                            @foreach ($parts[$station->value] ?? [] as $ingredient){{ $loop->first ? '' : ($loop->last ? ' and ' : ', ')
                                }}{{ $loop->first ? $say->first($ingredient->name) : $ingredient->name }} <x-figure
                                :figure="$ingredient->amount" />@endforeach;
                            {{ count($d->fillings->all) > 1 ? $f->name.' ' : '' }}cooked to <x-word.number :path="$at.'/ready'"
                                type="percent" :value="round(100 * $f->ready)" label="Filling cooked to, per cent" min="0" max="100"
                                step="5" /> %, <x-word.choice :path="$at.'/wetness'"
                                :options="$say->options(Orbek\Core\Filling\Wetness::cases())" :value="$f->wetness->value"
                                label="Filling, how wet" />, with <x-word.salt :path="$at.'/salt_g_per_kg'" :grams="$f->saltGPerKg"
                                label="Salt in the filling" most="40" :salt="$plan->kitchen->pantry->salt" each="a kg"
                                />{{ count($d->fillings->all) > 1 ?
                                '; the others below' : '' }}.
                            @endif
                            @break
                        @case(Orbek\Core\Plan\Station::Layers)
                            On the base <x-word.choice path="base:kind" :options="collect($d->craft->bases->all)->map(fn ($kind) =>
                                $kind->name)" :value="$d->build->base->kind->id" label="Base of the pot" />
                                @if ($d->build->base->sliceMm > 0)<x-word.number path="base/slice_mm" label="Slices, mm thick"
                                :value="round($d->build->base->sliceMm, 1)" min="2" max="15" step="0.5" /> mm thick @endif
                                @if ($fat !== null) in <x-figure
                                :figure="$fat->amount" /> of fat{{ $d->build->base->kind->takesRice ? '' : ',' }} @endif
                                @if ($d->build->base->kind->takesRice) from <x-word.number path="base:rice_share" :value="round(100 *
                                $d->build->base->riceShare)" label="Rice in the base, per cent" min="5" max="60" /> % of the rice, @endif
                            @if ($d->build->folded) then rice and filling folded together @else then @foreach ($d->build->layers as $index
                                => $layer){{
                                $layer->matter->value === 'rice' || count($d->fillings->inPot()->all) < 2 ? $layer->matter->value :
                                $d->fillings->get($layer->of)->name }}@if ($layer->stage !== null && $d->isLiftedApart()) that
                                <x-word.choice :path="'layers/'.$index.'/stage'" :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                'words')" :value="($layer->stage ?? $d->grain->water->stage)->value" label="Stage of the rice in layer {{
                                    $index +
                                1 }}" />@endif{{ $loop->last ? '' : ',' }} @endforeach @endif
                            as <x-word.choice path="mound" type="flag" :options="['1' => 'a mound', '0' => 'a level fill']"
                                :value="$d->build->mound ? '1' : '0'" label="Shape" />
                            with <x-word.number path="steam_holes" :value="$d->build->steamHoles" label="Steam holes" min="0" max="9" />
                                steam
                                holes.
                            @break
                        @case(Orbek\Core\Plan\Station::Lid)
                            @if ($plan->pot()->cooker !== null)Its own lid on the @else<x-word.choice path="lid/seal"
                                :options="array_column($d->craft->seals->all, 'name', 'id')" :value="$d->lid->seal->id" label="Seal" /> on
                                the @endif
                            @if ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker){{ $plan->pot()->name }}.@else<x-word.choice
                                path="lid/pot" :options="$pots" :value="$d->lid->pot" label="Pot to steam in" />.@endif
                            @break
                        @case(Orbek\Core\Plan\Station::Heat)
                            @if ($inOven) In the {{ $plan->kitchen->equipment->oven->name ?? 'oven' }}@if ($d->lid->ovenC !== null) at
                                <x-word.number
                                path="lid/oven_c" :value="round($say->reading()->degrees($d->lid->ovenC))"
                                :label="'Oven, '.$say->reading()->degrees->sign()" :min="round($say->reading()->degrees(50))"
                                :max="round($say->reading()->degrees(250))" step="5" /> {{ $say->reading()->degrees->sign() }}@endif:
                                @elseif ($load->place->pot->cooker !== null) In the {{ $plan->pot()->name }}: @else On <x-word.choice
                                path="lid/burner" :options="$rings" :value="$d->lid->ring" label="Ring to steam on" />: @endif
                            {{ collect($load->line())->map(fn ($stretch, $at) => $say->stretch($stretch, $load->heat()[$at], $plan->kitchen,
                                $load->place->ring->id))->implode(', ') }}.
                            @break
                        @case(Orbek\Core\Plan\Station::Serve)
                            Pot to table <x-word.choice path="serve" :options="$say->options($d->servings())"
                                :value="$d->table->serving->value"
                                label="Serving" />,
                            <x-figure :figure="$plan->totals->weight()" /> to lift. @foreach ($parts[$station->value] ??
                                [] as $ingredient){{ $loop->first ? 'On top: ' : '; ' }}{{ $ingredient->name }} <x-figure
                                :figure="$ingredient->amount" />{{ $loop->last ? '.' : '' }}@endforeach
                            @break
                    @endswitch
                </div>
                <div class="result">
                    @if ($station === Orbek\Core\Plan\Station::Heat && $course !== null && $d->build->base->kind->isLaid)
                        <strong class="crust-word">{{ $say->label($course->colour()) }}</strong>@if ($colours->low !== $colours->high)<span
                            class="crust-range">{{ $say->label($colours->low) }} to {{
                            $say->label($colours->high) }}</span>@endif
                    @else
                        <x-figure :figure="$plan->result($station)" plain />
                    @endif
                    <span>{{ match ($station) {
                        Orbek\Core\Plan\Station::Table => 'rice, raw',
                        Orbek\Core\Plan\Station::Rice => 'raw to done',
                        Orbek\Core\Plan\Station::Water => $boil === null ? 'of liquid' : 'lift at',
                        Orbek\Core\Plan\Station::Filling => 'filling, raw',
                        Orbek\Core\Plan\Station::Layers => 'free under the lid',
                        Orbek\Core\Plan\Station::Lid => 'of the steam',
                        Orbek\Core\Plan\Station::Heat => $course !== null && $d->build->base->kind->isLaid ?
                            'crust, '.$plan->result($station)->text().' sealed' :
                            'sealed',
                        Orbek\Core\Plan\Station::Serve => 'lid off',
                    } }}</span>
                </div>
            </div>
            @if ($station === Orbek\Core\Plan\Station::Heat && $faults !== [])
                <div class="clash faults" role="status">@foreach ($faults as $fault)<p>{{ $fault->says() }}</p>@endforeach
                    <div class="mends" data-mends data-kept x-ignore></div>
                </div>
            @endif
            @foreach ($clashes[$station->value] as $clash)
                <div class="clash" role="status"><p>{{ $clash->says }}</p>
                    @foreach ($clash->mends as $mend)
                        <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{
                            $mend->label }}</button>
                    @endforeach
                </div>
            @endforeach
            {{-- What lies behind a station's line is sent for the one that is open, and fetched when another is. --}}
            <div class="more" @if ($station !== $open) hidden data-lazy @endif>@if ($station === $open)@include('pot.more')@endif</div>
        </section>@endfragment
    @endforeach
</div>
