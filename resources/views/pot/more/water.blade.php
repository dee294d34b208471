@if ($boil !== null)
    <div class="boil-view">
        <x-drawing.grain :doneness="$boil->forecast->donenessAfter($boil->liftAt->amount)" />
        <div>
            <div class="strong-figure"><x-figure :figure="$boil->liftAt" plain /> <span>lift at, most likely<br>test from <strong>{{
                $boil->liftAt->fromText() }}</strong>, by <strong>{{ $boil->liftAt->byText() }}</strong> at the latest</span></div>
            <x-drawing.boil :$boil />
            @foreach (array_slice($boil->lifts, 0, -1) as $lift)
                <div class="small">Before that a first scoop, {{ round(100 * $lift->share) }} % of the rice, when a grain {{
                    $say->label($lift->stage, 'words') }}: <x-figure :figure="$lift->at" />, test from <strong>{{ $lift->at->fromText()
                    }}</strong>.</div>
            @endforeach
            <div class="small">When a grain feels so it is {{ round(100 * $boil->forecast->target) }} % cooked; it cooks on in the hand, in
                the colander and while it waits: in the pot it is {{ round(100 * $boil->last->inPot) }} % and {{
                $say->degrees($boil->last->celsius) }}. Back at the boil after <x-figure :figure="$boil->backAtBoil" />.</div>
        </div>
    </div>
    <p class="small">Your own minutes in the boil: <x-word.perhaps :path="Orbek\Core\Edit\BoilMinutesEdit::PATH"
        :value="$ownMinutes" label="Your own minutes in the boil" min="1" max="90" step="0.5" /> min.</p>
    @if ($boilTold !== null)@include('pot.more.as-told', ['told' => $boilTold])
        <form method="post" action="{{ route('dish.own-minutes', $dish) }}" class="plain teaches">@csrf
            <button class="small-button">A grain {{ $say->label($d->grain->water->stage, 'words') }} then: let the bag learn it</button>
        </form>@endif
    @foreach ($parts[$station->value] as $ingredient)
        @if (in_array($ingredient->shop, ['oil', 'lemon'], true))<div class="small added"><x-figure :figure="$ingredient->amount" /> {{
            $ingredient->name }}. {{ $ingredient->amount->why[0] }}</div>@endif
    @endforeach
    <details class="scale" data-keep-open><summary>The scale of doneness</summary>
        <div class="stages-scale">
            @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                <button type="button" data-mend data-path="water/stage" data-value='@json($stage->value)' @class(['aimed' => $stage ===
                    $d->grain->water->stage])>
                    <x-drawing.grain :doneness="$stage->doneness()" :size="52" :dots-as="$loop->first ? 'grain-dots' : null"
                        :dots-of="$loop->first ? null : 'grain-dots'" /><x-drawing.pressed :$stage />
                    <strong>{{ $say->label($stage) }}</strong>
                    <span>{{ $say->label($stage, 'words') }}</span>
                    <span>weighs {{ number_format($boil->forecast->uptake->at($stage->doneness()), 2) }} times its raw weight; {{
                        Orbek\Core\Measure\Figure::clock($boil->forecast->secondsTo($stage->doneness())) }} in this water</span>
                </button>
            @endforeach
        </div>
    </details>
@endif
@if ($boil !== null)
    @if ($d->grain->boiled !== [])
        <table class="parts">
            <thead><tr><th scope="col">boiled with the rice</th><th scope="col">of the rice</th><th scope="col">needs</th><th
                scope="col">goes in</th><th scope="col"><span class="visually-hidden">change</span></th></tr></thead>
            <tbody>
                @foreach ($d->grain->boiled as $index => $one)
                    <tr>
                        <th scope="row">{{ $one->name }}</th>
                        <td><x-word.number :path="'boiled/'.$index.'/of_rice'" :value="round($one->ofRice, 2)"
                            :label="$one->name.': times the raw rice'" min="0.01" max="3" step="0.01" /> ×</td>
                        <td><x-word.number :path="'boiled/'.$index.'/minutes'" :value="round($one->minutes, 1)"
                            :label="$one->name.': minutes in the boil'" min="0.5" max="60" step="0.5" /> min</td>
                        <td>{{ $one->inAtMin($boil->liftAt->amount / 60) <= -1 ? round(-$one->inAtMin($boil->liftAt->amount /
                            60)).' min before the rice' :
                            ($one->inAtMin($boil->liftAt->amount / 60) < 1 ? 'with the rice' : round($one->inAtMin($boil->liftAt->amount /
                                60)).' min after it')
                            }}</td>
                        <td><button type="button" class="small-button" data-mend data-path="boiled:remove:{{ $index }}" data-value="null"
                            aria-label="{{ $one->name }}: remove">Remove</button></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <details class="adding" data-keep-open><summary>Boil something with it</summary>
        <form data-add="boiled">
            <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
            <label>Kind <select name="kind">@foreach ($d->craft->boiled->all as $kind)<option value="{{ $kind->id }}">{{ $kind->name
                }}</option>@endforeach</select></label>
            <label>Times the raw rice <input name="of_rice" type="number" min="0.01" max="3" step="0.01" value="0.4" required></label>
            <button class="quiet">Put it in</button>
        </form>
    </details>
@endif
    <div class="tastes">@foreach ($plan->salting->tastes() as $taste)<button type="button" class="mend" data-mend data-path="{{ $taste->path
        }}" data-value='@json($taste->value)'>{{ $taste->label }}</button>@endforeach</div>
@if ($plan->measured() !== null)
    <div class="strong-figure"><x-figure :figure="$plan->measured()->absorption->beside" plain /> <span>of water to measure out{{
        $plan->measured()->broth === null ? '' : ', beside the broth' }}<br><strong>{{ $plan->measured()->absorption->inCups->text()
        }}</strong>@if ($d->grain->cooking->takesCooker()), or the cooker's line <x-figure :figure="$plan->measured()->cookerLine"
        />@endif</span></div>
    <p class="small"><a href="{{ route('absorption') }}">Other rice, another pot, another cup</a></p>
@endif
@if (in_array($d->grain->cooking, [Orbek\Core\Dish\Cooking::Drained, Orbek\Core\Dish\Cooking::Share], true))
    <p>@if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Drained)<button type="button" class="small-button" data-mend data-path="cooking"
        data-value='"share"'>Measure its water instead, to a share of done</button>@else<button type="button" class="small-button" data-mend
        data-path="cooking" data-value='"drained"'>Boil and drain it instead</button>@endif</p>
@endif
@if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Cooker)
    <p><button type="button" class="small-button" data-mend data-path="cooking" data-value='"in-cooker"'>Layer it raw in the cooker
        instead</button></p>
@elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker)
    <p><button type="button" class="small-button" data-mend data-path="cooking" data-value='"cooker"'>Cook the rice alone in the cooker
        instead</button></p>
@endif
