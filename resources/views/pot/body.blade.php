@php
    use Orbek\Core\Plan\Station;
    $d = $plan->dish;
    $boil = $plan->boil;
    $options = fn ($cases, $words = 'label') => collect($cases)->mapWithKeys(fn ($case) => [$case->value => $case->{$words}()]);
    $pots = collect($plan->kitchen->pots)->map(fn ($pot) => $pot->name);
    $rings = collect($plan->kitchen->burners)->map(fn ($burner) => $burner->label());
    $lots = collect($plan->kitchen->lots)->map(fn ($lot) => $lot->name);
    $parts = collect($plan->ingredients)->groupBy(fn ($ingredient) => $ingredient->station->value);
@endphp
<section class="picture" aria-label="The pot">
    <h1>{{ $d->name }}</h1>
    <p class="under">{{ $d->school->label() }} · {{ $plan->tableAt->format('l j F') }}</p>
    <x-drawing.pot :$plan />
    <p class="caption"><strong>{{ $plan->pot()->name }}</strong>, {{ $d->lid->seal->label() }}, {{ $plan->kitchen->burner($d->lid->burner, 'lid/burner')->label() }}</p>
    <x-drawing.heat :$plan />
    <form method="post" action="{{ route('cook.begin', $dish) }}" class="begin-cook" x-on:submit="beginOnce($event)">
        @csrf
        <input type="hidden" name="cook" value="{{ $nextCook }}">
        <button class="act">Start the cook</button>
        <span>first work at {{ $plan->timeAt($plan->schedule->firstStart())->format('H:i') }}</span>
    </form>
    <div class="dish-tools">
        <a href="{{ route('dish.export', $dish) }}" download>Save as a file</a>
        <form method="post" action="{{ route('dish.copy', $dish) }}">@csrf<button>Copy</button></form>
        <form method="post" action="{{ route('dish.away', $dish) }}">@csrf<button>Put away</button></form>
    </div>
    <h2 class="measured">To measure out</h2>
    <ul class="measure">
        @foreach ($plan->ingredients as $ingredient)
            <li><span>{{ $ingredient->name }}</span> <strong>{{ $ingredient->amount->text() }}</strong></li>
        @endforeach
    </ul>
</section>

<div class="stations">
    @foreach (Station::cases() as $station)
        @php $clashes = $plan->clashesAt($station); @endphp
        <section class="station {{ $clashes ? 'clashes' : '' }}" id="station-{{ $station->value }}" data-station="{{ $station->value }}" aria-labelledby="h-{{ $station->value }}">
            <div class="line">
                <h2 id="h-{{ $station->value }}"><button type="button" data-open="{{ $station->value }}" aria-expanded="{{ $station === Station::Water ? 'true' : 'false' }}">{{ $station->label() }}</button></h2>
                <div class="sentence">
                    @switch($station)
                        @case(Station::Table)
                            For <x-word.number path="table/eaters" :value="$d->table->eaters" label="People eating" min="1" max="60" />
                            people, <x-word.number path="table/children" :value="$d->table->children" label="Children among them" min="0" :max="$d->table->eaters" /> of them children,
                            <x-word.choice path="table/plates" :options="['light' => 'light', 'usual' => 'usual', 'hearty' => 'hearty']" :value="$d->table->plates->value" label="Plates" /> plates,
                            <x-word.number path="table/leftovers" :value="$d->table->leftovers" label="Portions left for later" min="0" max="20" /> portions for later,
                            on the table <x-word.moment path="table/serve_at" :$plan :$today />.
                            @break
                        @case(Station::Rice)
                            <x-word.choice path="rice/lot" :options="$lots" :value="$d->rice->lot" label="Bag of rice" />, rinsed <x-word.number path="rice/rinses" :value="$d->rice->rinses" label="Rinses" min="0" max="10" /> times,
                            soaked <x-word.number path="rice/soak/minutes" :value="round($d->rice->soak->minutes)" label="Soak, minutes" min="0" max="2880" step="5" /> min
                            at <x-word.number path="rice/soak/celsius" :value="round($d->rice->soak->celsius, 1)" label="Soak, °C" min="0" max="60" /> °C
                            with <x-word.number path="rice/soak/salt_g_per_l" :value="round($d->rice->soak->saltGPerL, 1)" label="Salt in the soak, g a litre" min="0" max="80" /> g salt a litre.
                            @break
                        @case(Station::Water)
                            Boil in <x-figure :figure="$boil->water" /> in the <x-word.choice path="water/pot" :options="$pots" :value="$d->water->pot" label="Pot to boil in" />
                            on <x-word.choice path="water/burner" :options="$rings" :value="$d->water->burner" label="Ring to boil on" />
                            with <x-word.number path="water/salt_g_per_l" :value="round($d->water->saltGPerL, 1)" label="Salt in the water, g a litre" min="0" max="50" /> g salt a litre,
                            <x-figure :figure="$boil->salt" /> in all or
                            <x-word.number path="water/salt_teaspoons" :value="round($plan->kitchen->salt->teaspoons(Orbek\Core\Measure\Mass::grams($boil->salt->amount)), 1)" label="Salt in the water, teaspoons" min="0" max="200" step="0.1" /> teaspoons of {{ $plan->kitchen->salt->value }} salt, of which <x-figure :figure="$boil->saltKept" /> stays: the whole dish comes to <x-figure :figure="$plan->saltiness" />.
                            <x-word.choice path="water/oil" type="flag" :options="['1' => 'A spoonful of oil', '0' => 'No oil']" :value="$d->water->oil ? '1' : '0'" label="Oil in the water" />,
                            <x-word.choice path="water/lemon" type="flag" :options="['1' => 'a squeeze of lemon', '0' => 'no lemon']" :value="$d->water->lemon ? '1' : '0'" label="Lemon in the water" />.
                            Lift so that in the pot a grain <x-word.choice path="water/stage" :options="$options(Orbek\Core\Rice\Stage::cases(), 'words')" :value="$d->water->stage->value" label="Target stage" />,
                            <x-word.choice path="water/drain" :options="$options(Orbek\Core\Rice\Draining::cases())" :value="$d->water->draining->value" label="After draining" />.
                            @break
                        @case(Station::Filling)
                            @foreach ($parts[$station->value] ?? [] as $ingredient){{ $loop->first ? '' : ($loop->last ? ' and ' : ', ') }}{{ $loop->first ? Str::ucfirst($ingredient->name) : $ingredient->name }} <x-figure :figure="$ingredient->amount" />@endforeach;
                            {{ $d->filling->ready >= 1 ? 'cooked through' : ($d->filling->ready > 0 ? 'cooked to '.round(100 * $d->filling->ready).' %' : 'raw') }} when layered.
                            @break
                        @case(Station::Layers)
                            {{ $d->base->kind->takesRice() ? 'A crust (tahdig) of '.$d->base->kind->label() : Str::ucfirst($d->base->kind->label()) }} in <x-figure :figure="$parts[$station->value]->firstWhere('name', 'fat for the base')->amount" /> of fat,
                            then @foreach ($d->layers as $index => $layer){{ $layer->matter->value }}@if ($layer->matter->value === 'rice' && count($d->layers) > 2) that <x-word.choice :path="'layers/'.$index.'/stage'" :options="$options(Orbek\Core\Rice\Stage::cases(), 'words')" :value="($layer->stage ?? $d->water->stage)->value" label="Stage of the rice in layer {{ $index + 1 }}" />@endif{{ $loop->last ? '' : ',' }} @endforeach
                            as <x-word.choice path="mound" type="flag" :options="['1' => 'a mound', '0' => 'a level fill']" :value="$d->mound ? '1' : '0'" label="Shape" />
                            with <x-word.number path="steam_holes" :value="$d->steamHoles" label="Steam holes" min="0" max="9" /> steam holes.
                            @break
                        @case(Station::Lid)
                            <x-word.choice path="lid/seal" :options="$options(Orbek\Core\Lid\Seal::cases())" :value="$d->lid->seal->value" label="Seal" /> on the
                            <x-word.choice path="lid/pot" :options="$pots" :value="$d->lid->pot" label="Pot to steam in" />.
                            @break
                        @case(Station::Heat)
                            On <x-word.choice path="lid/burner" :options="$rings" :value="$d->lid->burner" label="Ring to steam on" />:
                            {{ collect($plan->heat->blocks)->map(fn ($block) => round($block->minutes).' min '.($block->isRest() ? 'rest' : 'at '.$block->words()).($block->until ? ' till '.$block->until : ''))->implode(', ') }}.
                            @break
                        @case(Station::Serve)
                            Pot to table <x-word.choice path="serve" :options="$options(Orbek\Core\Dish\Serving::cases())" :value="$d->serving->value" label="Serving" />,
                            <x-figure :figure="$plan->weight" /> to lift. @foreach ($parts[$station->value] ?? [] as $ingredient) <x-figure :figure="$ingredient->amount" /> {{ $ingredient->name }} on top. @endforeach
                            @break
                    @endswitch
                </div>
                <div class="result">
                    <x-figure :figure="$plan->result($station)" plain />
                    <span>{{ match ($station) {
                        Station::Table => 'rice, raw',
                        Station::Rice => 'raw to done',
                        Station::Water => 'lift at',
                        Station::Filling => 'filling, raw',
                        Station::Layers => 'free under the lid',
                        Station::Lid => 'of the steam',
                        Station::Heat => 'sealed',
                        Station::Serve => 'lid off',
                    } }}</span>
                </div>
            </div>
            @foreach ($clashes as $clash)
                <div class="clash" role="status"><p>{{ $clash->says }}</p>
                    @foreach ($clash->mends as $mend)
                        <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label }}</button>
                    @endforeach
                </div>
            @endforeach
            <div class="more" @if ($station !== Station::Water) hidden @endif>
                @if ($station === Station::Water)
                    <div class="boil-view">
                        <x-drawing.grain :doneness="$boil->forecast->donenessAfter($boil->liftAt->amount)" />
                        <div>
                            <div class="strong-figure"><x-figure :figure="$boil->liftAt" plain /> <span>lift at, most likely<br>test from <strong>{{ $boil->liftAt->fromText() }}</strong>, by <strong>{{ $boil->liftAt->byText() }}</strong> at the latest</span></div>
                            <x-drawing.boil :$boil />
                            @foreach (array_slice($boil->lifts, 0, -1) as $lift)
                                <div class="small">Before that a first scoop, {{ round(100 * $lift->share) }} % of the rice, when a grain {{ $lift->stage->words() }}: <x-figure :figure="$lift->at" />, test from <strong>{{ $lift->at->fromText() }}</strong>.</div>
                            @endforeach
                            <div class="small">As lifted the grain is {{ round(100 * $boil->forecast->donenessAfter($boil->liftAt->amount)) }} % cooked, in the pot {{ round(100 * $boil->forecast->target) }} %. Back at the boil after <x-figure :figure="$boil->backAtBoil" />.</div>
                        </div>
                    </div>
                    @foreach ($parts[$station->value] as $ingredient)
                        @if (Str::startsWith($ingredient->name, ['oil', 'lemon']))<div class="small added"><x-figure :figure="$ingredient->amount" /> {{ $ingredient->name }}. {{ $ingredient->amount->why[0] }}</div>@endif
                    @endforeach
                    <details class="scale" data-keep-open><summary>The scale of doneness</summary>
                        <div class="stages-scale">
                            @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                                <button type="button" data-mend data-path="water/stage" data-value='@json($stage->value)' @class(['aimed' => $stage === $d->water->stage])>
                                    <x-drawing.grain :doneness="$stage->doneness()" :size="52" /><x-drawing.pressed :$stage />
                                    <strong>{{ $stage->label() }}</strong>
                                    <span>{{ $stage->words() }}</span>
                                    <span>weighs {{ number_format($boil->forecast->uptake->at($stage->doneness()), 2) }} times its raw weight; {{ Orbek\Core\Measure\Figure::clock($boil->forecast->secondsTo($stage->doneness())) }} in this water</span>
                                </button>
                            @endforeach
                        </div>
                    </details>
                    <div class="tastes">@foreach ($plan->tastes as $taste)<button type="button" class="mend" data-mend data-path="{{ $taste->path }}" data-value='@json($taste->value)'>{{ $taste->label }}</button>@endforeach</div>
                @else
                    @if (isset($parts[$station->value]) && ! in_array($station, [Station::Filling], true))
                        <ul class="amounts">
                            @foreach ($parts[$station->value] as $ingredient)
                                <li><x-figure :figure="$ingredient->amount" /> {{ $ingredient->name }}</li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($station === Station::Layers)
                        <ol class="layer-list" reversed>
                            @foreach (array_reverse($d->layers, true) as $index => $layer)
                                @php $name = $layer->matter->value === 'rice' ? ($layer->saffron ? 'rice, saffron' : 'rice') : $d->filling->name; @endphp
                                <li>
                                    <span class="name">{{ Str::ucfirst($name) }}</span>
                                    <span><x-word.number :path="'layers:share:'.$index" :value="round(100 * $layer->share)" :label="'Share of layer '.($index + 1).', per cent'" min="5" max="100" /> % of the {{ $layer->matter->value }}</span>
                                    <span class="moves">
                                        <button type="button" data-mend data-path="layers:up:{{ $index }}" data-value="null" @disabled($index === count($d->layers) - 1) aria-label="Layer {{ $index + 1 }}, {{ $name }}: up">Up</button>
                                        <button type="button" data-mend data-path="layers:down:{{ $index }}" data-value="null" @disabled($index === 0) aria-label="Layer {{ $index + 1 }}, {{ $name }}: down">Down</button>
                                        <button type="button" data-mend data-path="layers:halve:{{ $index }}" data-value="null" aria-label="Layer {{ $index + 1 }}, {{ $name }}: halve">Halve</button>
                                        <button type="button" data-mend data-path="layers:remove:{{ $index }}" data-value="null" aria-label="Layer {{ $index + 1 }}, {{ $name }}: remove">Remove</button>
                                    </span>
                                </li>
                            @endforeach
                        </ol>
                        <p><button type="button" class="mend" data-mend data-path="layers:add-rice" data-value="null">Rice on top</button><button type="button" class="mend" data-mend data-path="layers:add-filling" data-value="null">Filling on top</button></p>
                    @endif
                    @if ($station === Station::Filling)
                        <ul class="amounts">
                            @foreach ($d->filling->steps as $step)
                                <li><strong>{{ $step->minutes }} min</strong> {{ $step->name }}{{ $step->burner === null ? '' : ', '.$plan->kitchen->burner($step->burner, 'burner')->name }}</li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($station === Station::Rice)
                        @php $full = $d->rice->soak->saturation($boil->kind); @endphp
                        <div class="soaked">
                            <svg class="drawing grain" viewBox="-52 -52 104 104" width="84" height="84" role="img" aria-label="A soaked grain, {{ round(100 * $full) }} % full of water">
                                <circle class="ring" r="48"/><circle class="wet" r="{{ round(24 * (1 + sqrt(1 - $full)), 1) }}" stroke-width="{{ round(48 * (1 - sqrt(1 - $full)), 1) }}"/><circle class="rim" r="48"/>
                            </svg>
                            <p class="small">{{ Str::ucfirst($d->rice->soak->words()) }} the grain is {{ round(100 * $full) }} % full: it goes in weighing {{ number_format($boil->forecast->uptake->soaked, 2) }} times its raw weight, and the boil is {{ round(100 * $boil->kind->soakGain() * $full) }} % shorter.</p>
                        </div>
                    @endif
                    @if ($station === Station::Serve && $d->allergens() !== [])
                        <p class="caution"><span class="visually-hidden">Caution: </span>Tell your guests: @foreach ($d->allergens() as $allergen => $where)<strong>{{ Orbek\Core\Care\Allergen::from($allergen)->label() }}</strong> ({{ implode(', ', $where) }}){{ $loop->last ? '.' : ', ' }}@endforeach</p>
                    @endif
                    @if ($station === Station::Table)
                        <p class="small">{{ $d->school->label() }}: {{ $d->school->gloss() }}.</p>
                    @endif
                @endif
                @foreach ($plan->cautions[$station->value] ?? [] as $caution)
                    <x-caution :$caution />
                @endforeach
            </div>
        </section>
    @endforeach
</div>
