<section class="picture" aria-label="{{ $t('pages/pot.the-pot') }}">
    @fragment('pot-title')<div id="pot-title"><h1>{{ $d->name }}</h1>
    <p class="under">{{ $t('pages/pot.school-and-usual', isOwnWay: $d->grain->cooking !== $d->school->cooking || count($d->fillings->all)
        !== 1 || $d->grain->boiled !== [], lower: lcfirst($d->school->label), school: $d->school->label, eaters: $d->table->eaters) }}</p>
    <details class="renaming" data-keep-open><summary>{{ $t('pages/pot.another-name') }}</summary><x-word.text path="name" :value="$d->name"
        :label="$t('pages/pot.name-of-the-dish')" /></details></div>@endfragment
    @fragment('section')<div id="section"><x-drawing.pot :$plan :moment="$course?->end()" touch /></div>@endfragment
    @fragment('pot-heat')<div id="pot-heat">
    <p class="caption">{{ $th('pages/pot.pot-and-lid', pot: $plan->pot()->name, isCooker: $plan->pot()->cooker !== null, seal:
        $d->lid->seal->name, isInOven: $inOven, hasOven: $plan->kitchen->equipment->oven !== null, oven:
        $plan->kitchen->equipment->oven->name ?? '', ring: $load->place->ring->label()) }}</p>
    <x-drawing.heat :kitchen="$plan->kitchen" :ring="$load->place->ring->id" :heat="$load->heat()" :$course
        :colours="$plan->heating()?->colours()"
        :starts="$plan->day->at($plan->day->schedule->start(Orbek\Core\Plan\Work\WorkKind::Heat->id()))" touch />
    @if ($course !== null)
        <div class="slider"><label for="minute">{{ $t('pages/pot.slide-along-the-minutes') }}</label><input id="minute" type="range" min="0"
            max="{{
            ceil($course->end()->minute) }}" step="1" value="{{ ceil($course->end()->minute) }}" data-url="{{
            url('/dishes/'.$dish->id.'/heat/at') }}" x-on:input="slide($event)" autocomplete="off"><p class="small" data-slid></p></div>
    @endif
    @if ($second !== null)<p class="small">{{ $th('pages/pot.and-of-it-in-the-cm', share: round(100 * $second->place->share), pot:
        $second->place->pot->name, freeCm: number_format($second->section->freeCm(), 1)) }}</p>@endif
    </div>@endfragment
    @fragment('pot-fails')<div id="pot-fails">@if (! $plan->isRight())<p class="fails" role="status">{{
        $th('pages/pot.not-right-as-planned', fits: $plan->potted->tooFull() === null, fault: $plan->potted->tooFull() === null ?
        $faults[0]->says() : '', more: max(0, count($faults) - 1)) }}</p>@endif</div>@endfragment
    <form method="post" action="{{ route('cook.begin', $dish) }}" class="begin-cook" x-on:submit="beginOnce($event)">
        @csrf
        <input type="hidden" name="cook" value="{{ $nextCook }}">
        <button class="act">{{ $t('pages/pot.start-the-cook-now') }}</button>
        @fragment('pot-first-work')<span id="pot-first-work">{{ $t('pages/pot.on-the-table', tableAt: $say->time($plan->day->tableAt),
            busyFrom: $say->hours(-$plan->day->busyFrom())) }}</span>@endfragment
    </form>
    <form method="post" action="{{ route('meal.begin') }}" class="to-meal">@csrf<button class="quiet" name="dishes[]" value="{{ $dish->id
        }}">{{ $t('pages/pot.put-it-on-a-table') }}</button> <span>{{ $t('pages/pot.a-day-a-time-other-dishes') }}</span></form>
    {{-- Under the button, so that what comes later does not move it. --}}
    <div class="right" data-right data-kept x-ignore></div>
    <div class="dish-tools">
        <a href="{{ route('dish.list', $dish) }}">{{ $t('pages/pot.shopping-and-mise') }}</a>
        <a href="{{ route('dish.export', $dish) }}" download>{{ $t('pages/pot.save-as-a-file') }}</a>
        <a href="{{ route('dish.recipe', $dish) }}" download>{{ $t('pages/pot.save-as-a-recipe') }}</a>
        <a href="{{ route('dish.versions', $dish) }}">{{ $t('pages/pot.what-changed') }}</a>
        <form method="post" action="{{ route('dish.copy', $dish) }}">@csrf<button>{{ $t('pages/pot.copy') }}</button></form>
        <form method="post" action="{{ route('dish.away', $dish) }}">@csrf<button>{{ $t('pages/pot.put-away') }}</button></form>
    </div>
    <h2 class="measured">{{ $t('pages/pot.to-measure-out') }}</h2>
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
                        @case(Orbek\Core\Plan\Station::Table) {{ $t('pages/pot.for') }} <x-word.number path="usual/eaters"
                            :value="$d->table->eaters" :label="$t('pages/pot.people-eating')" min="1" max="60" /> {{ $t('pages/pot.people')
                            }} <x-word.number path="usual/children" :value="$d->table->children"
                            :label="$t('pages/pot.children-among-them')" min="0"
                                :max="$d->table->eaters" /> {{ $t('pages/pot.of-them-children') }} <x-word.choice path="usual/plates"
                                    :options="['light' => $t('pages/pot.light'), 'usual' => $t('pages/pot.usual'), 'hearty' =>
                                        $t('pages/pot.hearty')]"
                                :value="$d->table->portion->value" :label="$t('pages/pot.plates-2')" /> {{ $t('pages/pot.plates') }}
                                    <x-word.number path="usual/leftovers" :value="$d->table->leftovers"
                                    :label="$t('pages/pot.portions-left-for-later')" min="0"
                                max="20" /> {{ $t('pages/pot.portions-for-later') }} <x-word.number path="usual/side_dishes"
                                    :value="$d->table->sideDishes" :label="$t('pages/pot.filling-side-dishes-2')" min="0"
                                max="4" /> {{ $t('pages/pot.filling-side-dishes') }} @if ($cups !== null)<x-word.number
                                    path="usual/raw_cups" :value="$cups" :label="$t('pages/pot.raw-rice-cups')" min="0.1"
                                max="100" step="0.01" /> {{ $t('pages/pot.cups') }} @else<x-word.number path="usual/raw_g"
                                :value="round($plan->potted->raw->inGrams())" :label="$t('pages/pot.raw-rice-g')" min="1" max="20000" /> {{
                                    $t('pages/pot.g') }} @endif
                            {{ $t('pages/pot.of-raw-rice', isOwn: $d->table->ownEachG !== null, each:
                                Orbek\Core\Measure\Quantity::grams($d->table->eachG()), feeds: (int) round($d->table->feeds())) }}
                            @break
                        @case(Orbek\Core\Plan\Station::Rice)
                            <x-word.choice path="rice/lot" :options="$bags" :value="$d->grain->rice->bag"
                                :label="$t('pages/pot.bag-of-rice')" />{{ $t('pages/pot.rinsed') }} <x-word.number path="rice/rinses"
                                :value="$d->grain->rice->rinses" :label="$t('pages/pot.rinses')" min="0" max="10" /> {{
                                $t('pages/pot.times-soaked') }} <x-word.number path="rice/soak/minutes"
                                :value="round($d->grain->rice->soak->minutes)"
                                :label="$t('pages/pot.soak-minutes')"
                                min="0" max="2880" step="5" /> {{ $t('pages/pot.min-at') }} <x-word.number path="rice/soak/celsius"
                                :value="round($say->reading()->degrees($d->grain->rice->soak->celsius), 1)"
                                :label="$t('pages/pot.soak', reading: $say->reading()->degrees->sign())"
                                    :min="round($say->reading()->degrees(0))"
                                :max="round($say->reading()->degrees(60))" /> {{ $t('pages/pot.with', reading:
                                    $say->reading()->degrees->sign()) }} <x-word.salt path="rice/soak/salt_g_per_l"
                                    :grams="$d->grain->rice->soak->saltGPerL"
                                :label="$t('pages/pot.salt-in-the-soak')" most="80" :salt="$plan->kitchen->pantry->salt"
                                    :each="$t('pages/pot.a-litre')" />.
                            @break
                        @case(Orbek\Core\Plan\Station::Water)
                            @if ($plan->measured() !== null)
                                @if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Cooker) {{ $t('pages/pot.in-the') }} <x-word.choice
                                    path="water/pot" :options="$cookers" :value="$d->grain->water->pot"
                                        :label="$t('pages/pot.rice-cooker')"
                                        />:
                                @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker) {{ $t('pages/pot.raw-in') }}
                                    <x-word.choice path="water/pot" :options="$cookers" :value="$d->grain->water->pot"
                                        :label="$t('pages/pot.rice-cooker')" />{{ $t('pages/pot.layered-with-the-filling') }}
                                            @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::Share) {{ $t('pages/pot.in-the') }}
                                            <x-word.choice path="water/pot" :options="$pots" :value="$d->grain->water->pot"
                                        :label="$t('pages/pot.pot-for-the-rice')"
                                        /> {{ $t('pages/pot.on') }} <x-word.choice path="water/burner" :options="$rings"
                                            :value="$d->grain->water->ring"
                                        :label="$t('pages/pot.ring-for-the-rice')" />{{ $t('pages/pot.toasted') }} <x-word.number
                                            path="water/toast_min"
                                        :value="$d->grain->water->toastMin" :label="$t('pages/pot.toasted-in-fat-minutes')" min="0" max="5"
                                            /> {{ $t('pages/pot.min-then-till-a-grain') }} <x-word.choice path="water/stage"
                                            :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                            'words')"
                                        :value="$d->grain->water->stage->value" :label="$t('pages/pot.target-stage')" />:
                                @elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::Quick) {{ $t('pages/pot.in-the') }} <x-word.choice
                                    path="water/pot" :options="$pots" :value="$d->grain->water->pot"
                                        :label="$t('pages/pot.pot-for-the-rice')"
                                        /> {{ $t('pages/pot.on') }} <x-word.choice path="water/burner" :options="$rings"
                                            :value="$d->grain->water->ring"
                                        :label="$t('pages/pot.ring-for-the-rice')" />:
                                @else {{ $t('pages/pot.over-the-filling') }} <x-word.number path="water/open_min"
                                    :value="$d->grain->water->openMin"
                                        :label="$t('pages/pot.simmers-open-minutes')" min="0" max="60" /> {{
                                            $t('pages/pot.min-open-till-dry-craters-show') }} @endif
                                <x-figure :figure="$plan->measured()->water" /> {{ $t('pages/pot.of-liquid') }} <x-word.number
                                    path="water/broth_per_rice"
                                    :value="round($d->grain->water->brothPerRice, 2)" :label="$t('pages/pot.broth-times-the-raw-rice')"
                                        min="0" max="3"
                                        step="0.1"
                                    /> {{ $t('pages/pot.times-the-rice-of-it-broth') }} <x-word.salt path="water/salt_g_per_l"
                                        :grams="$d->grain->water->saltGPerL" :label="$t('pages/pot.salt-in-the-water')"
                                    most="50" :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-litre')" />{{ $comma }}<x-figure
                                    :figure="$plan->measured()->salt" /> {{ $t('pages/pot.in-all-and-all') }} <x-figure
                                    :figure="$plan->salting->percent()" />.
                                @break
                            @endif {{ $t('pages/pot.boil-in') }} <x-figure :figure="$boil->water" /> {{ $t('pages/pot.in-the-2') }}
                                <x-word.choice path="water/pot" :options="$pots"
                                :value="$d->grain->water->pot" :label="$t('pages/pot.pot-to-boil')" /> {{ $t('pages/pot.on') }}
                                    <x-word.choice path="water/burner" :options="$rings" :value="$d->grain->water->ring"
                                :label="$t('pages/pot.ring-to-boil')" /> {{ $t('pages/pot.with-2') }} <x-word.salt path="water/salt_g_per_l"
                                    :grams="$d->grain->water->saltGPerL" :label="$t('pages/pot.salt-in-the-water')"
                                most="50" :salt="$plan->kitchen->pantry->salt" :each="$t('pages/pot.a-litre')" />{{ $comma }}
                            <x-figure :figure="$boil->salt" /> {{ $t('pages/pot.in-all') }} <x-word.number path="water/salt_teaspoons"
                                :value="round($plan->kitchen->pantry->salt->teaspoons(Orbek\Core\Measure\Mass::grams($boil->salt->amount)),
                                    1)"
                                :label="$t('pages/pot.salt-in-the-water-teaspoons')" min="0" max="200" step="0.1" /> {{
                                    $t('pages/pot.teaspoons-of-salt-of-which', salt: $plan->kitchen->pantry->salt) }} <x-figure
                                    :figure="$boil->saltKept" /> {{ $t('pages/pot.stays-the-whole-dish-comes') }} <x-figure
                                    :figure="$plan->salting->percent()" />.
                            <x-word.choice path="water/oil" type="flag" :options="['1' => $t('pages/pot.a-spoonful-of-oil'), '0' =>
                                $t('pages/pot.no-oil')]"
                                :value="$d->grain->water->oil ? '1' : '0'" :label="$t('pages/pot.oil-in-the-water')" />{{ $comma }}
                            <x-word.choice path="water/lemon" type="flag" :options="['1' => $t('pages/pot.a-squeeze-of-lemon'), '0' =>
                                $t('pages/pot.no-lemon')]"
                                :value="$d->grain->water->lemon ? '1' : '0'" :label="$t('pages/pot.lemon-in-the-water')" />{{ $comma }}
                            <x-word.choice path="water/spices" :options="$say->options(Orbek\Core\Dish\Spices::cases())"
                                :value="$d->grain->water->spices->value" :label="$t('pages/pot.whole-spices-in-the-water')" />.
                            @if ($boil->isLiftedAt($d->grain->water->stage)) {{ $t('pages/pot.lift-when-a-grain') }} <x-word.choice
                                path="water/stage" :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                    'words')" :value="$d->grain->water->stage->value" :label="$t('pages/pot.target-stage')" />{{
                                        $th('pages/pot.in-the-pot-it-will', inPot: round(100 *
                                        $boil->liftOf($d->grain->water->stage)->inPot)) }} @else {{
                                        $th('pages/pot.lift-the-rice-of-each-layer', stage: $say->label($boil->last->stage, 'words'), inPot:
                                        round(100 * $boil->last->inPot)) }} @endif
                            <x-word.choice path="water/drain" :options="$say->options(Orbek\Core\Rice\Draining::cases())"
                                :value="$d->grain->water->draining->value" :label="$t('pages/pot.after-draining')" />.
                            @break
                        @case(Orbek\Core\Plan\Station::Filling)
                            @if ($f === null) {{ $t('pages/pot.nothing-in-it-rice-alone') }} @else
                            @foreach ($parts[$station->value] ?? [] as $ingredient){{ $loop->first ? '' : ($loop->last ?
                                $t('pages/pot.and-between') : ', ') }}{{ $loop->first ? $say->first($ingredient->name) : $ingredient->name
                                }} <x-figure
                                :figure="$ingredient->amount" />@endforeach{{ $t('pages/pot.cooked-to', fillings: count($d->fillings->all) >
                                    1 ? $f->name.' ' : '') }} <x-word.number :path="$at.'/ready'"
                                type="percent" :value="round(100 * $f->ready)" :label="$t('pages/pot.filling-cooked-to-per-cent')" min="0"
                                    max="100"
                                step="5" /> %{{ $comma }}<x-word.choice :path="$at.'/wetness'"
                                :options="$say->options(Orbek\Core\Filling\Wetness::cases())" :value="$f->wetness->value"
                                :label="$t('pages/pot.filling-how-wet')" />{{ $t('pages/pot.with-3') }} <x-word.salt
                                    :path="$at.'/salt_g_per_kg'" :grams="$f->saltGPerKg"
                                :label="$t('pages/pot.salt-in-the-filling')" most="40" :salt="$plan->kitchen->pantry->salt"
                                :each="$t('pages/pot.a-kg')"
                                />{{ $t('pages/pot.the-others-below', isMany: count($d->fillings->all) > 1) }}
                            @endif
                            @break
                        @case(Orbek\Core\Plan\Station::Layers) {{ $t('pages/pot.on-the-base') }} <x-word.choice path="base:kind"
                            :options="collect($d->craft->bases->all)->map(fn ($kind) =>
                                $kind->name)" :value="$d->build->base->kind->id" :label="$t('pages/pot.base-of-the-pot')" />
                                @if ($d->build->base->sliceMm > 0)<x-word.number path="base/slice_mm"
                                    :label="$t('pages/pot.slices-mm-thick')"
                                :value="round($d->build->base->sliceMm, 1)" min="2" max="15" step="0.5" /> {{ $t('pages/pot.mm-thick') }}
                                    @endif
                                @if ($fat !== null) {{ $t('pages/pot.in') }} <x-figure
                                :figure="$fat->amount" /> {{ $t('pages/pot.of-fat', takesRice: $d->build->base->kind->takesRice ? '' : ',')
                                    }} @endif
                                @if ($d->build->base->kind->takesRice) {{ $t('pages/pot.from') }} <x-word.number path="base:rice_share"
                                    :value="round(100 *
                                $d->build->base->riceShare)" :label="$t('pages/pot.rice-in-the-base-per-cent')" min="5" max="60" /> {{
                                    $t('pages/pot.of-the-rice') }} @endif
                            @if ($d->build->folded) {{ $t('pages/pot.then-rice-and-filling-folded-together') }} @else {{
                                $t('pages/pot.then') }} @foreach ($d->build->layers as $index
                                => $layer){{ $layer->matter->value === 'rice' || count($d->fillings->inPot()->all) < 2 ?
                                    $say->label($layer->matter)
                                : $d->fillings->get($layer->of)->name }}@if ($layer->stage !== null && $d->isLiftedApart()) {{
                                    $t('pages/pot.that') }} <x-word.choice :path="'layers/'.$index.'/stage'"
                                    :options="$say->options(Orbek\Core\Rice\Stage::cases(),
                                'words')" :value="($layer->stage ?? $d->grain->water->stage)->value"
                                    :label="$t('pages/pot.stage-of-the-rice-in-layer', index: $index + 1)" />@endif{{ $loop->last ? '' : ','
                                    }} @endforeach @endif {{ $t('pages/pot.as') }} <x-word.choice path="mound" type="flag" :options="['1' =>
                                    $t('pages/pot.a-mound'), '0' => $t('pages/pot.a-level-fill')]"
                                :value="$d->build->mound ? '1' : '0'" :label="$t('pages/pot.shape')" /> {{ $t('pages/pot.with-2') }}
                                    <x-word.number path="steam_holes" :value="$d->build->steamHoles" :label="$t('pages/pot.steam-holes-2')"
                                    min="0" max="9" /> {{ $t('pages/pot.steam-holes') }} @break
                        @case(Orbek\Core\Plan\Station::Lid)
                            @if ($plan->pot()->cooker !== null){{ $t('pages/pot.its-own-lid') }} @else<x-word.choice path="lid/seal"
                                :options="array_column($d->craft->seals->all, 'name', 'id')" :value="$d->lid->seal->id"
                                    :label="$t('pages/pot.seal')" /> {{ $t('pages/pot.on-the') }} @endif
                            @if ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker){{ $plan->pot()->name }}.@else<x-word.choice
                                path="lid/pot" :options="$pots" :value="$d->lid->pot" :label="$t('pages/pot.pot-to-steam')" />.@endif
                            @break
                        @case(Orbek\Core\Plan\Station::Heat)
                            @if ($inOven) {{ $t('pages/pot.in-the-oven', isNamed: $plan->kitchen->equipment->oven !== null, oven:
                                $plan->kitchen->equipment->oven->name ?? '') }}@if ($d->lid->ovenC !== null) {{
                                $t('pages/pot.at') }} <x-word.number
                                path="lid/oven_c" :value="round($say->reading()->degrees($d->lid->ovenC))"
                                :label="$t('pages/pot.oven', reading: $say->reading()->degrees->sign())"
                                    :min="round($say->reading()->degrees(50))"
                                :max="round($say->reading()->degrees(250))" step="5" /> {{ $say->reading()->degrees->sign() }}@endif:
                                @elseif ($load->place->pot->cooker !== null) {{ $t('pages/pot.in-the-3', pot: $plan->pot()->name) }} @else
                                    {{ $t('pages/pot.on-2') }} <x-word.choice
                                path="lid/burner" :options="$rings" :value="$d->lid->ring" :label="$t('pages/pot.ring-to-steam')" />: @endif
                            {{ collect($load->line())->map(fn ($stretch, $at) => $say($plan->kitchen->saysStretch($stretch,
                                $load->heat()[$at], $load->place->ring->id)))->implode($comma) }}.
                            @break
                        @case(Orbek\Core\Plan\Station::Serve) {{ $t('pages/pot.pot-to-table') }} <x-word.choice path="serve"
                            :options="$say->options($d->servings())"
                                :value="$d->table->serving->value"
                                :label="$t('pages/pot.serving')" />{{ $comma }}
                            <x-figure :figure="$plan->totals->weight()" /> {{ $t('pages/pot.to-lift') }} @foreach ($parts[$station->value]
                                ??
                                [] as $ingredient){{ $loop->first ? $t('pages/pot.on-top') : '; ' }}{{ $ingredient->name }} <x-figure
                                :figure="$ingredient->amount" />{{ $loop->last ? '.' : '' }}@endforeach
                            @break
                    @endswitch
                </div>
                <div class="result">
                    @if ($station === Orbek\Core\Plan\Station::Heat && $course !== null && $d->build->base->kind->isLaid)
                        <strong class="crust-word">{{ $say->label($course->colour()) }}</strong>@if ($colours->low !== $colours->high)<span
                            class="crust-range">{{ $t('pages/pot.to', low: $say->label($colours->low), high: $say->label($colours->high))
                                }}</span>@endif
                    @else
                        <x-figure :figure="$plan->result($station)" plain />
                    @endif
                    <span>{{ $t('pages/pot.result-of-station', station: $station->value, isDrained: $boil !== null,
                        hasCrust: $course !== null && $d->build->base->kind->isLaid, sealed: $plan->result($station)) }}</span>
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
