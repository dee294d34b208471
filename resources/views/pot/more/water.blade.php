@if ($boil !== null)
    <div class="boil-view">
        <x-drawing.grain :doneness="$boil->forecast->donenessAfter($boil->liftAt->amount)" />
        <div>
            <div class="strong-figure"><x-figure :figure="$boil->liftAt" plain /> <span>{{
                $th('pages/pot-more.lift-at-most-likely-test-from', fromText: $boil->liftAt->from(), byText: $boil->liftAt->by())
                }}</span></div>
            <x-drawing.boil :$boil />
            @foreach (array_slice($boil->lifts, 0, -1) as $lift)
                <div class="small">{{ $t('pages/pot-more.before-that-a-first-scoop', share: round(100 * $lift->share), stage:
                    $say->label($lift->stage, 'words')) }} <x-figure :figure="$lift->at" />{{ $th('pages/pot-more.test-from', fromText:
                    $lift->at->from()) }}</div>
            @endforeach
            <div class="small">{{ $t('pages/pot-more.when-a-grain-feels-so', target: round(100 * $boil->forecast->target), inPot: round(100
                * $boil->last->inPot), celsius: $say->degrees($boil->last->celsius)) }} <x-figure :figure="$boil->backAtBoil" />.</div>
        </div>
    </div>
    <p class="small">{{ $t('pages/pot-more.your-own-minutes-in-the-boil') }} <x-word.perhaps :path="Orbek\Core\Edit\BoilMinutesEdit::PATH"
        :value="$ownMinutes" :label="$t('pages/pot-more.your-own-minutes-in-the-boil-2')" min="1" max="90" step="0.5" /> {{
            $t('pages/pot-more.min-4') }}</p>
    @if ($boilTold !== null)@include('pot.more.as-told', ['told' => $boilTold])
        <form method="post" action="{{ route('dish.own-minutes', $dish) }}" class="plain teaches">@csrf
            <button class="small-button">{{ $t('pages/pot-more.a-grain-then-let-the-bag', stage: $say->label($d->grain->water->stage,
                'words')) }}</button>
        </form>@endif
    @foreach ($parts[$station->value] as $ingredient)
        @if ($ingredient->isOf(Orbek\Core\Dish\Staple::Oil, Orbek\Core\Dish\Staple::Lemon))<div
            class="small added"><x-figure :figure="$ingredient->amount" /> {{ $ingredient->name }}. {{
                $ingredient->amount->why[0] }}</div>@endif
    @endforeach
    <details class="scale" data-keep-open><summary>{{ $t('pages/pot-more.the-scale-of-doneness') }}</summary>
        <div class="stages-scale">
            @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                <button type="button" data-mend data-path="water/stage" data-value='@json($stage->value)' @class(['aimed' => $stage ===
                    $d->grain->water->stage])>
                    <x-drawing.grain :doneness="$stage->doneness()" :size="52" :dots-as="$loop->first ? 'grain-dots' : null"
                        :dots-of="$loop->first ? null : 'grain-dots'" /><x-drawing.pressed :$stage />
                    <strong>{{ $say->label($stage) }}</strong>
                    <span>{{ $say->label($stage, 'words') }}</span>
                    <span>{{ $t('pages/pot-more.weighs-times-its-raw-weight', uptake:
                        number_format($boil->forecast->uptake->at($stage->doneness()), 2), it:
                        $say->clock($boil->forecast->secondsTo($stage->doneness()))) }}</span>
                </button>
            @endforeach
        </div>
    </details>
@endif
@if ($boil !== null)
    @if ($d->grain->boiled !== [])
        <table class="parts">
            <thead><tr><th scope="col">{{ $t('pages/pot-more.boiled-with-the-rice') }}</th><th scope="col">{{
                $t('pages/pot-more.of-the-rice') }}</th><th scope="col">{{ $t('pages/pot-more.needs') }}</th><th
                scope="col">{{ $t('pages/pot-more.goes-in-2') }}</th><th scope="col"><span class="visually-hidden">{{
                    $t('pages/pot-more.change') }}</span></th></tr></thead>
            <tbody>
                @foreach ($d->grain->boiled as $index => $one)
                    <tr>
                        <th scope="row">{{ $one->name }}</th>
                        <td><x-word.number :path="'boiled/'.$index.'/of_rice'" :value="round($one->ofRice, 2)"
                            :label="$t('pages/pot-more.times-the-raw-rice-3', one: $one->name)" min="0.01" max="3" step="0.01" /> ×</td>
                        <td><x-word.number :path="'boiled/'.$index.'/minutes'" :value="round($one->minutes, 1)"
                            :label="$t('pages/pot-more.minutes-in-the-boil', one: $one->name)" min="0.5" max="60" step="0.5" /> {{
                                $t('pages/pot-more.min-2')
                                }}</td>
                        <td>{{ $t('pages/pot-more.in-the-boil-at', isBefore: $one->inAtMin($boil->liftAt->amount / 60) <= -1, isWith:
                            $one->inAtMin($boil->liftAt->amount / 60) < 1, minutes: (int) abs(round($one->inAtMin($boil->liftAt->amount /
                            60)))) }}</td>
                        <td><button type="button" class="small-button" data-mend data-path="boiled:remove:{{ $index }}" data-value="null"
                            aria-label="{{ $t('pages/pot-more.remove-4', one: $one->name) }}">{{ $t('pages/pot-more.remove')
                                }}</button></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <details class="adding" data-keep-open><summary>{{ $t('pages/pot-more.boil-something') }}</summary>
        <form data-add="boiled">
            <label>{{ $t('pages/pot-more.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
            <label>{{ $t('pages/pot-more.kind-2') }} <select name="kind">@foreach ($d->craft->boiled->all as $kind)<option value="{{
                $kind->id }}">{{ $kind->name
                }}</option>@endforeach</select></label>
            <label>{{ $t('pages/pot-more.times-the-raw-rice') }} <input name="of_rice" type="number" min="0.01" max="3" step="0.01"
                value="0.4" required></label>
            <button class="quiet">{{ $t('pages/pot-more.put-it') }}</button>
        </form>
    </details>
@endif
    <div class="tastes">@foreach ($plan->salting->tastes() as $taste)<button type="button" class="mend" data-mend data-path="{{ $taste->path
        }}" data-value='@json($taste->value)'>{{ $taste->label }}</button>@endforeach</div>
@if ($plan->measured() !== null)
    <div class="strong-figure"><x-figure :figure="$plan->measured()->absorption->beside" plain /> <span>{{
        $th('pages/pot-more.to-measure-out', hasBroth: $plan->measured()->broth !== null, cups:
        $plan->measured()->absorption->inCups) }}@if ($d->grain->cooking->takesCooker()){{ $t('pages/pot-more.or-the-cookers-line')
        }} <x-figure
            :figure="$plan->measured()->cookerLine"
        />@endif</span></div>
    <p class="small"><a href="{{ route('absorption') }}">{{ $t('pages/pot-more.other-rice-another-pot-another-cup') }}</a></p>
@endif
@if (in_array($d->grain->cooking, [Orbek\Core\Dish\Cooking::Drained, Orbek\Core\Dish\Cooking::Share], true))
    <p>@if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Drained)<button type="button" class="small-button" data-mend data-path="cooking"
        data-value='"share"'>{{ $t('pages/pot-more.measure-its-water-instead') }}</button>@else<button type="button" class="small-button"
            data-mend
        data-path="cooking" data-value='"drained"'>{{ $t('pages/pot-more.boil-and-drain-it-instead') }}</button>@endif</p>
@endif
@if ($d->grain->cooking === Orbek\Core\Dish\Cooking::Cooker)
    <p><button type="button" class="small-button" data-mend data-path="cooking" data-value='"in-cooker"'>{{
        $t('pages/pot-more.layer-it-raw-in-the-cooker') }}</button></p>
@elseif ($d->grain->cooking === Orbek\Core\Dish\Cooking::InCooker)
    <p><button type="button" class="small-button" data-mend data-path="cooking" data-value='"cooker"'>{{
        $t('pages/pot-more.cook-the-rice-alone') }}</button></p>
@endif
