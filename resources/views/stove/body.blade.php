@if (! $isPractice)@include('stove.forgotten')@endif
@if ($isPractice && $served === null)
    <section class="simulated" aria-label="{{ $t('pages/stove.practice') }}">
        <p>{{ $th('pages/stove.practice-is-simulated', late: $callsLate) }}</p>
        @foreach ($fold->dishes as $place => $one)
            <div class="looks" data-home="{{ $home($place) }}">
                <button type="button" class="beside" data-look>{{ $t('pages/stove.look-feel-smell', isMany: count($fold->dishes) > 1, dish:
                    $one->plan()->dish->name) }}</button>
                <div class="senses" aria-live="polite" x-ignore data-kept></div>
            </div>
        @endforeach
    </section>
@endif
@if ($served === null)
    @if ($said !== null)<div class="changed" role="status"><p>{{ $say->first($said) }}</p></div>@endif
    @if ($others)
        <div class="whose" role="group" aria-label="{{ $t('pages/stove.which-pair-of-hands-are-you') }}"><span>{{ $t('pages/stove.you-are')
            }}</span>@foreach (range(1,
            $fold->hands) as $pair)<button type="button" data-who="{{ $pair }}" aria-pressed="{{ $who === $pair ? 'true' : 'false' }}">{{
                $t('pages/stove.hands', pair: $pair) }}</button>@endforeach<button type="button" data-who="" aria-pressed="{{ $who === null
                ? 'true' : 'false'
            }}">{{ $t('pages/stove.all') }}</button></div>
    @endif
    @if ($task !== null)
        <section class="now" aria-label="{{ $t('pages/stove.now') }}" data-task="{{ $id }}" @if ($dish !== null) data-dish="{{ $dish }}"
            data-home="{{ $home($dish)
            }}" @endif>
            <p class="over">{{ $th('pages/stove.now-or-next', isRunning: $progress->isRunning(), isMany: $several, dish: $several ?
                $ofDish($task) : '', isBoiling: (bool) $boiling) }}
                <span class="table-at">{{ $t('pages/stove.table', tableAt: $local($situation->tableAt), isLater: $stands->laterMin > 0,
                    stands: $stands->says) }}</span></p>
            @if ($stands->laterMin > 0)@include('stove.stands')@endif
            <h1>{{ ! $boiling ? $say->first($named($id, $task)) : $t('pages/stove.test-a-grain', isScoop: $of->isScoopNext(), isRest:
                count($of->plan()->boil()->lifts) > 1) }}</h1>
            @if ($boiling)
                @include('stove.boil', ['fold' => $of, 'task' => $task->task, 'at' => $at[$dish]])
            @elseif ($progress->isRunning())
                <p class="count" data-until="{{ $fold->endsAt($id)->getTimestamp() }}" data-name="{{ $task->name }}"
                    data-says="{{ $say->first($task->name) }}: {{ $task->finish }}" aria-live="off">{{ $say->digits('0:00') }}</p>
                <svg class="ring" viewBox="0 0 100 100" aria-hidden="true"><circle cx="50" cy="50" r="44" pathLength="1"/><circle cx="50"
                    cy="50" r="44" pathLength="1" class="gone" data-ring-of="{{ 60 * max(1, $task->job->minutes) }}"/></svg>
                @if ($task->detail !== null && $pots === [])<p class="window">{{ $say->first($task->detail) }}</p>@endif
            @else
                <p class="count" data-until="{{ $situation->startsAt($id)->getTimestamp() }}" data-name="{{ $task->name }}" data-waiting
                    data-says="{{ $task->begin }}: {{ $say->first($task->name) }}" aria-live="off">{{ $say->digits('0:00') }}</p>
                <p class="window">{{ $t('pages/stove.to-its-start', at: $local($situation->startsAt($id)), minutes: $task->job->minutes,
                    hasRing: $task->ring !== null, ring: $task->ring === null ? '' : $fold->began->kitchen->ring($task->ring, 'ring')->name,
                    isInOven: $task->isInOven(), hasDetail: $task->detail !== null, detail: $task->detail === null ? '' :
                    $say->first($task->detail)) }}</p>
            @endif
            <button type="button" class="say" data-say-step hidden>{{ $t('pages/stove.say-it-aloud') }}</button>
            @if ($bowl !== null && ! $boiling)@include('stove.bowl')@endif
            @if ($inPot !== null)@include('stove.in-pot')@endif
            @if ($isOnPlatter)<x-drawing.platter :plan="$of->plan()" />@endif
            @if ($goesIn !== [] && ! $boiling)@include('stove.goes-in')@endif
            @if ($brought !== [] && ! $boiling)@include('stove.brought')@endif
            @if ($asked !== null && $progress->isRunning() && ! $boiling)@include('stove.asked')@endif
            @if ($pots !== [])
                <p class="window">{{ $t('pages/stove.from-the-base-up') }}@if ($drained !== null) {{
                    $th('pages/stove.the-rice-has-waited-since', drained: $local($drained), bears: $bears) }} @endif</p>
                @include('stove.layering')
            @endif
            @if ($strip)@include('stove.lid', ['fold' => $of, 'at' => $at[$dish], 'lid' => $at[$dish]->lid])@endif
            @foreach ($of?->cautions($task->task) ?? [] as $caution)
                <div class="caution"><p><span class="visually-hidden">{{ $t('pages/stove.caution') }} </span>{{ $say->label($caution,
                    'says') }}</p><button
                    type="button" data-event="caution-read" data-subject="{{ $caution->value }}">{{ $t('pages/stove.read') }}</button></div>
            @endforeach
            @if ($progress->isRunning())
                @if ($boiling)@include('stove.boil-tools', ['home' => $home($dish), 'fold' => $of, 'task' => $task->task])@endif
                @if ($boiling && $of->isScoopNext())
                    <button type="button" class="act main" data-event="scooped" data-subject="{{ $task->task }}">{{
                        $t('pages/stove.first-scoop-lifted') }}</button>
                @else
                    @if ($looks)<h2 id="look" data-shown-from="{{ $asked->from->getTimestamp() }}" data-calls-look="{{
                        $say->first($asked->look) }}?" hidden>{{ $say->first($asked->look) }}?</h2>@endif
                    <button type="button" class="act main" data-event="done" data-subject="{{ $task->task }}"
                        @if ($looks) data-says-from="{{ $asked->from->getTimestamp() }}" data-says="{{ $t('pages/stove.yes') }}" @endif>{{
                            $task->finish }}</button>
                    @if ($heatsWater)<button type="button" class="beside" data-event="done" data-subject="{{ $task->task }}"
                        data-how="from-kettle">{{ $t('pages/stove.it-boils-its-water-came-hot') }}</button>@endif
                    @if ($looks)@include('stove.look')@endif
                @endif
            @else
                @if ($early !== null)<p class="window" data-shown-till="{{ $early->till->getTimestamp() }}">{{
                    $th('pages/stove.not-yet-from-on-begun-now', startsAt: $local($situation->startsAt($id)), early:
                    $say->text($early->says)) }}</p>@endif
                @if ($sooner !== null)<p class="sooner"><button type="button" class="beside" data-event="sooner" data-minutes="{{
                    intdiv($situation->tableAt->getTimestamp() - $sooner->getTimestamp(), 60) }}">{{ $t('pages/stove.table-at-instead',
                        sooner: $local($sooner)) }}</button></p>@endif
                <button type="button" @class(['act main begin', 'far' => $early !== null]) @if ($early !== null)
                    data-far-till="{{ $early->till->getTimestamp() }}" @endif data-event="started"
                    data-subject="{{ $task->task }}">{{ $task->begin }}</button>
            @endif
            @if ($mise !== [])@include('stove.mise')@endif
            @if ($strip)@include('stove.lid-tools', ['home' => $home($dish), 'fold' => $of, 'at' => $at[$dish], 'lid' => $at[$dish]->lid,
                'place' => $dish, 'id' => $task->task, 'failed' => $fold->failed])@endif
        </section>
    @elseif ($beside === [] && $next === [])
        <section class="now" aria-label="{{ $t('pages/stove.now') }}">
            <p class="over"><strong>{{ $t('pages/stove.now') }}</strong><span class="table-at">{{ $t('pages/stove.table-2', tableAt:
                $local($situation->tableAt)) }}</span></p>
            <h1>{{ $t('pages/stove.on-the-table') }}</h1>
            @foreach ($eats as $one)@unless ($one->mayEatAll())<p class="caution">@include('meal.guest', ['one' => $one])</p>@endunless
            @endforeach
            <button type="button" class="act main" data-event="served">{{ $t('pages/stove.everyone-sits') }}</button>
        </section>
    @else
        <section class="now" aria-label="{{ $t('pages/stove.now') }}">
            <p class="over"><strong>{{ $t('pages/stove.now') }}</strong><span class="table-at">{{ $t('pages/stove.table', tableAt:
                $local($situation->tableAt), isLater: $stands->laterMin > 0, stands: $stands->says) }}</span></p>
            @if ($stands->laterMin > 0)@include('stove.stands')@endif
            <h1>{{ $t('pages/stove.nothing-in-hand') }}</h1>
            <p class="window">{{ $t('pages/stove.what-runs-beside', isOthers: (bool) $others) }}</p>
        </section>
    @endif
    @if ($fold->changes !== [])<div class="changed" role="status"><p><strong>{{ $t('pages/stove.what-has-changed') }}</strong></p>
        @foreach ($fold->changes as $says)<p>{{ $says }}</p>@endforeach</div>@endif
    @foreach ($sealed as $place)
        @if (! ($strip && $place === $dish))
            <details class="closed" data-keep-open open data-dish="{{ $place }}" data-home="{{ $home($place) }}"><summary>{{
                $t('pages/stove.under-the-lid', dish: $fold->dishes[$place]->plan()->dish->name) }}</summary>
                @include('stove.lid', ['fold' => $fold->dishes[$place], 'at' => $at[$place], 'lid' => $at[$place]->lid])
                @include('stove.lid-tools', ['home' => $home($place), 'fold' => $fold->dishes[$place], 'at' => $at[$place], 'lid' =>
                    $at[$place]->lid, 'place' => $place, 'id' => null, 'failed' => $fold->failed])
            </details>
        @endif
    @endforeach
    <section class="waiting" aria-label="{{ $t('pages/stove.what-waits-and-what-runs') }}">
        @foreach ($next as $later => $one)
            <div class="row next" @if ($one->dish !== null) data-dish="{{ $one->dish }}" @endif>
                <p class="small">{{ $t('pages/stove.next-or-then', isFirst: $loop->first, at: $local($situation->startsAt($later)), hands:
                    $inHands($later)) }}</p>
                <p>{{ $th('pages/stove.task-coming', task: $say->first($one->name), hasDetail: ! $several && $one->detail !== null, detail:
                    $one->detail ?? '') }}@if ($several)<br><span class="small">{{ $ofDish($one) }}</span>@endif</p>
                @unless ($situation->followsAtOnce($later))<button type="button" class="beside" data-event="started" data-subject="{{
                    $one->task }}">{{ $one->begin }}@if ($several)<span class="whose-pot">{{ $ofDish($one) }}</span>@endif<span
                    class="visually-hidden">: {{ $one->name }}</span></button>@endunless
                @if ($others && $who !== null && $fold->takenBy($later) === null)<button type="button" class="beside" data-event="taken"
                    data-subject="{{ $one->task }}">{{ $t('pages/stove.i-do') }}</button>@endif
            </div>
        @endforeach
        @foreach ($beside as $runs => $one)
            <div class="row" @if ($one->dish !== null) data-dish="{{ $one->dish }}" @endif>
                <p class="what"><strong>{{ $say->first($named($runs, $one)) }}</strong><br><span class="small">{{
                    $t('pages/stove.runs-since', isMany: $several, dish: $several ? $ofDish($one) : '', hasRing: $one->ring !== null, ring:
                    $one->ring === null ? '' : $fold->began->kitchen->ring($one->ring, 'ring')->name, isInOven: $one->isInOven(), isInHand:
                    $one->wantsHands(), since: $local($fold->progress($runs)->startedAt), hands: $inHands($runs)) }}</span></p>
                <p class="left" data-until="{{ $fold->endsAt($runs)->getTimestamp() }}" data-name="{{ $one->name }}"
                    @if ($fold->calls($runs)) data-calls @endif>{{ $say->digits('0:00') }}</p>
                <button type="button" class="beside" data-event="done" data-subject="{{ $one->task }}">{{ $one->finish }}@if ($several)<span
                    class="whose-pot">{{ $ofDish($one) }}</span>@endif<span class="visually-hidden">: {{ $one->name }}</span></button>
                @if ($others && $who !== null && $fold->calls($runs) && $fold->takenBy($runs) !== $who)<button type="button" class="beside"
                    data-event="taken" data-subject="{{ $one->task }}">{{ $t('pages/stove.i-do') }}</button>@endif
            </div>
        @endforeach
        <div class="row tools">
            @if ($id !== null && $progress->isRunning())
                <span class="of-now" @if ($dish !== null) data-dish="{{ $dish }}" @endif>
                    <button type="button" data-event="lengthened" data-subject="{{ $task->task }}" data-minutes="1">{{
                        $t('pages/stove.1-min') }}</button>
                    <button type="button" data-event="lengthened" data-subject="{{ $task->task }}" data-minutes="-1">{{
                        $t('pages/stove.1-min-3') }}</button>
                </span>
            @endif
            <button type="button" data-event="late" data-subject="table" data-minutes="10">{{ $t('pages/stove.we-are-10-min-late')
                }}</button>
            @if ($fold->last !== null)
                <button type="button" data-event="undone" data-subject="{{ $fold->last->id }}">{{ $t('pages/stove.undo') }}</button>
            @endif
        </div>
        <details class="row changes" data-keep-open><summary>{{ $t('pages/stove.something-is-different') }}</summary>
            <div class="tools">
                <span>{{ $t('pages/stove.eat', eaters: $fold->eaters) }}</span>
                <button type="button" data-event="eaters" data-eaters="{{ $fold->eaters + 1 }}">{{ $t('pages/stove.one-more') }}</button>
                @if ($fold->eaters > 1)<button type="button" data-event="eaters" data-eaters="{{ $fold->eaters - 1 }}">{{
                    $t('pages/stove.one-less') }}</button>@endif
            </div>
            <div class="tools">
                @if ($fold->hands < Orbek\Core\Meal\Meal::MOST_HANDS)<button type="button" data-event="hands" data-hands="{{ $fold->hands +
                    1 }}">{{ $t('pages/stove.another-pair-of-hands') }}</button>@endif
                @if ($fold->hands > 1)<button type="button" data-event="hands" data-hands="{{ $fold->hands - 1 }}">{{
                    $t('pages/stove.one-pair-less') }}</button>@endif
            </div>
            @foreach ($fold->dishes as $place => $one)
                @if (! in_array($place, $fold->leftOut, true) && count($fold->dishes) - count($fold->leftOut) > 1)
                    <div class="tools"><button type="button" data-event="left-out" data-of="{{ $place }}">{{ $t('pages/stove.leave-out',
                        dish: $one->plan()->dish->name) }}</button></div>
                @endif
            @endforeach
            @foreach ($fold->began->kitchen->equipment->rings as $ring)
                @unless (in_array($ring->id, $fold->failed, true))<div class="tools"><button type="button" data-event="ring-failed"
                    data-ring="{{ $ring->id }}">{{ $t('pages/stove.has-failed', ring: $say->first($ring->name)) }}</button></div>@endunless
            @endforeach
            <form method="post" action="{{ route('meal-cook.give-up', $cook) }}" data-leaves class="tools">@csrf<button>{{
                $t('pages/stove.give-it-up', isMany: $several) }}</button></form>
        </details>
    </section>
@else
    <section class="now noting" aria-label="{{ $t('pages/stove.how-it-came-out') }}">
        <p class="over"><strong>{{ $t('pages/stove.on-the-table-2', served: $local($served)) }}</strong></p>
        <h1>{{ $t('pages/stove.after-it', isPractice: $isPractice, isMany: $several, meal: $cook->name, isNoted:
            $fold->dishes[0]->state->outcome !== null) }}</h1>
        @if ($isPractice)
            <p><a class="act main" href="{{ route('supper.end', $cook) }}">{{ $t('pages/stove.lift-the-lid-how-it-really') }}</a></p>
        @endif
        @foreach ($isPractice ? [] : $fold->dishes as $place => $one)
            @if (! in_array($place, $fold->leftOut, true))
                <div class="noted" data-dish="{{ $place }}">
                    @if ($several)
                        <h2>{{ $one->plan()->dish->name }}</h2>
                        <p class="came">{{ $t('pages/stove.noted-or-not', isNoted: $one->state->outcome !== null) }}</p>
                    @endif
                    @include('stove.note', ['home' => $home($place), 'fold' => $one, 'place' => $place])
                </div>
            @endif
        @endforeach
        <p><a href="{{ route('notebook') }}">{{ $t('pages/stove.to-the-notebook') }}</a></p>
    </section>
    @if ($fold->last !== null)<section class="waiting"><div class="row tools"><button type="button" data-event="undone" data-subject="{{
        $fold->last->id }}">{{ $t('pages/stove.undo') }}</button></div></section>@endif
@endif
