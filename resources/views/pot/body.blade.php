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
                        @case(Orbek\Core\Plan\Station::Table)@include('pot.sentence.table')@break
                        @case(Orbek\Core\Plan\Station::Rice)@include('pot.sentence.rice')@break
                        @case(Orbek\Core\Plan\Station::Water)@include($plan->measured() !== null
                            ? 'pot.sentence.measured' : 'pot.sentence.boil')@break
                        @case(Orbek\Core\Plan\Station::Filling)@if ($f === null) {{ $t('pages/pot.nothing-in-it-rice-alone') }}
                            @else @include('pot.sentence.filling') @endif @break
                        @case(Orbek\Core\Plan\Station::Layers)@include('pot.sentence.layers')@break
                        @case(Orbek\Core\Plan\Station::Lid)@include('pot.sentence.lid')@break
                        @case(Orbek\Core\Plan\Station::Heat)@include('pot.sentence.heat')@break
                        @case(Orbek\Core\Plan\Station::Serve)@include('pot.sentence.serve')@break
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
