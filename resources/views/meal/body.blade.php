@fragment('meal-ropes')<div class="ropes" id="meal-ropes">
    <h1 class="meal-name">{{ $m->name }}</h1>
    <p class="meal-sentence">@include('meal.sentence')</p>
    <div class="on-paper" aria-hidden="true">
        @foreach ($plan->plans as $one)
            <div><x-drawing.pot :plan="$one" :scale="5" :labels="false" /><p>{{ $th('pages/meal.dish-in-short', dish: $one->dish->name,
                rice: $one->totals->rice(), water: $one->potted->rice->water, isSalted: $one->potted->rice->salt->amount > 0, salt:
                $one->potted->rice->salt, isLifted: $one->boil() !== null, lift: $one->boil()?->liftAt ?? '') }}</p></div>
        @endforeach
    </div>
    <div class="scrolls"><x-drawing.meal :$plan /></div>
    <ol class="told meal-told">
        @foreach ($plan->tasks as $id => $task)
            <li><span class="time">{{ $say->time($plan->at($plan->start($id))) }}</span> <strong>{{ $task->name }}</strong>@if ($task->dish
                !== null && count($plan->plans) > 1){{ $comma }}{{ $plan->plans[$task->dish]->dish->name }}@endif{{
                    $t('pages/meal.task-line',
                    minutes: $task->job->minutes, hasRing: $task->ring !== null, ring: $task->ring === null ? '' :
                    $plan->kitchen->equipment->rings[$task->ring]->name, hasDetail: $task->detail !== null, detail: $task->detail ?? '')
                    }}@if ($told($id) !== [])<span class="with-amounts">{{
                    implode($semicolon, $told($id))
                }}</span>@endif</li>
        @endforeach
        <li><span class="time">{{ $say->time($plan->tableAt) }}</span> <strong>{{ $t('pages/meal.table') }}</strong></li>
    </ol>
    <ul class="minded" aria-hidden="true">@foreach ($minded as $says)<li>{{ $says }}</li>@endforeach</ul>
</div>@endfragment
@fragment('meal-says')<aside class="beside" id="meal-says" aria-label="{{ $t('pages/meal.what-the-clock-says') }}">
    <p class="strong-figure">{{ $say->hours($plan->laid->busyMin) }}</p>
    <p>{{ $t('pages/meal.in-the-kitchen-from', plan: $say->time($plan->at(-$plan->laid->busyMin))) }} @if (! $plan->holds)<strong>{{
        $t('pages/meal.it-does-not-fit') }}</strong>@else{{ $t('pages/meal.can-be-shorter', isProven: $plan->laid->isProven(), bound:
            $say->hours($plan->laid->boundMin)) }}@endif.@if ($first <
        -$plan->laid->busyMin) {{ $t('pages/meal.first-work-at', at: $say->time($plan->at($first)), isThatDay:
            $plan->at($first)->format('Y-m-d') === $plan->tableAt->format('Y-m-d'), day: $plan->at($first)) }}@endif</p>
    @foreach ($plan->clashes as $clash)
        <div class="{{ $clash->isWrong ? 'clash ' : '' }}ruled" role="status"><p>{{ $clash->says }}</p>
            @foreach ($clash->mends as $mend)
                @if ($mend->path === '')<p class="small">{{ $t('pages/meal.min-less', mend: $mend->label, gainMin: $mend->gainMin)
                    }}</p>@continue @endif
                <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{
                    $t('pages/meal.mend-and-gain', mend: $mend->label, fits: $mend->gainMin === null, gainMin: $mend->gainMin ?? 0)
                    }}</button>
            @endforeach
        </div>
    @endforeach
    <div class="ruled">
    @if ($m->guests !== [])
        <ul class="guests">
            @foreach ($eats as $index => $one)
                <li @class(['warned' => ! $one->mayEatAll()])>
                    @include('meal.guest', ['one' => $one])
                    <button type="button" data-mend data-path="guests:remove:{{ $index }}" data-value="null" aria-label="{{
                        $t('pages/meal.take-off-the-list', who: $one->guest->who) }}">{{ $t('pages/meal.take-off') }}</button>
                </li>
            @endforeach
        </ul>
        @foreach ($unknown as $name)<p class="no-print">{{ $th('pages/meal.is-there-anything', name: $name) }} <button type="button"
            class="small-button" data-mend data-path="plain:{{ $name }}"
            data-value="true">{{ $t('pages/meal.nothing-of-it-i-know') }}</button></p>@endforeach
        @foreach ($m->plain as $name)<p class="small no-print">{{ $t('pages/meal.nothing-in-it-as-you-know', name: $name) }} <button
            type="button"
            class="small-button" data-mend data-path="plain:{{ $name }}" data-value="false" aria-label="{{
                $t('pages/meal.not-known-after-all', name: $name) }}">{{ $t('pages/meal.not-after-all') }}</button></p>@endforeach
    @endif
    <details class="adding no-print" id="another-guest" data-keep-open><summary>{{ $t('pages/meal.someone-who-must-not-eat-everything')
        }}</summary>
        <form data-add="guests">
            <label>{{ $t('pages/meal.who') }} <input name="who" maxlength="60" required autocomplete="off"></label>
            <label>{{ $t('pages/meal.eats') }} <select name="diet">@foreach (Orbek\Core\Dish\Diet::cases() as $diet)<option value="{{
                $diet->value }}">{{
                $say->label($diet) }}</option>@endforeach</select></label>
            <fieldset><legend>{{ $t('pages/meal.must-not-have') }}</legend>@foreach (Orbek\Core\Care\Allergen::cases() as $allergen)<label
                class="tick"><input
                type="checkbox" name="avoids" data-list value="{{ $allergen->value }}"> {{ $say->label($allergen)
                }}</label>@endforeach</fieldset>
            <label class="tick"><input type="checkbox" name="small_child" data-flag> {{ $t('pages/meal.a-small-child') }}</label>
            <button class="quiet">{{ $t('pages/meal.note-it') }}</button>
        </form>
    </details>
    </div>
    @if ($plan->theDayBefore() !== [])
        <div class="ruled"><p>{{ $th('pages/meal.day-before', isAhead: $ahead !== []) }}</p>
            @if ($ahead !== [])
                <ul class="day-before">@foreach ($ahead as $id => $task)<li><strong>{{ $say->time($plan->at($plan->start($id))) }}</strong>
                    @if ($isMarked($task))<span class="of">{{ $say->digits($task->dish + 1) }}</span> @endif{{ $t('pages/meal.min-keeps',
                        task:
                        $say->first($task->name), minutes: $task->job->minutes, keeps: $task->keeps) }} <button type="button"
                        class="small-button no-print" data-mend
                    data-path="ahead:{{ $id }}" data-value="false">{{ $t('pages/meal.on-the-day') }}</button></li>@endforeach</ul>
                <p class="small">{{ $t('pages/meal.let-it-cool-cover-it-into', plan:
                    $say->dated($plan->at($plan->start(array_key_first($ahead))), 'day'), degrees: $say->degrees(4)) }}</p>
            @endif
            <ul class="day-before no-print">@foreach ($plan->theDayBefore() as $task)@unless ($task->isAhead)<li>@if ($isMarked($task))<span
                class="of">{{ $say->digits($task->dish + 1) }}</span> @endif{{ $t('pages/meal.min-keeps', task: $say->first($task->name),
                    minutes:
                    $task->job->minutes, keeps: $task->keeps) }} <button type="button" class="small-button" data-mend data-path="ahead:{{
                    $task->job->id }}"
                data-value="true">{{ $t('pages/meal.do-it-then') }}</button></li>@endunless @endforeach</ul>
            @if ($plan->keepingMin() > 0)<p class="no-print"><button type="button" class="mend" data-mend data-path="ahead"
                data-value='@json(array_map(fn ($task) => $task->job->id, $plan->theDayBefore()))'>{{ $t('pages/meal.all-of-it-then-min',
                    keepingMin: $plan->keepingMin()) }}</button></p>@endif
        </div>
    @endif
    <div class="ruled">{{ $th('pages/meal.plates-and-later', eaters: $m->eaters, leftovers: $m->leftovers, isMany: count($plan->plans) > 1)
        }} <x-figure :figure="$plan->saltAHead()" /> {{ $t('pages/meal.of-salt')
            }}</div>
    @foreach ($plan->plans as $one)<p class="ruled">{{ $th('pages/meal.the-on', dish: $one->dish->name, pot: $one->pot()->name, ring:
        $one->potted->first()->place->ring->name, crust: $say->label($one->course()?->colour() ?? $one->dish->build->base->crust))
        }}@if (in_array($loop->index, $m->keptWarm, true)) {{ $t('pages/meal.kept-in-the-oven-till') }} <button type="button"
        class="small-button
        no-print" data-mend data-path="warm:{{ $loop->index }}" data-value="false">{{ $t('pages/meal.not-kept')
            }}</button>@endif</p>@endforeach
    <p class="ruled no-print"><a href="{{ route('meal.list', $meal) }}">{{ $t('pages/meal.shopping-and-mise') }}</a><br><a href="{{
        route('meal.calendar', $meal)
        }}" download>{{ $t('pages/meal.to-the-calendar') }}</a><br><a href="{{ route('meal.file', $meal) }}" download>{{
            $t('pages/meal.save-as-a-file') }}</a><br><a href="{{
        route('meal.versions', $meal) }}">{{ $t('pages/meal.what-changed') }}</a>@if ($canUndo) <button type="button" class="small-button"
            data-mend
        data-path="undo" data-value="null">{{ $t('pages/meal.take-the-last-change-back') }}</button>@endif</p>
    <details class="adding ruled no-print" id="another-dish" data-keep-open><summary>{{ $t('pages/meal.another-dish') }}</summary>
        @foreach ($others as $other)<button type="button" class="small-button" data-mend data-path="dishes:add"
            data-value='@json($other->id)'>{{ $other->name }}</button> @endforeach
        @if ($others === [])<p>{{ $t('pages/meal.all-dishes-of-the-shelf') }}</p>@endif
    </details>
    <details class="adding no-print" id="another-side" data-keep-open><summary>{{ $t('pages/meal.another-side') }}</summary>
        <form data-add="sides">
            <label>{{ $t('pages/meal.what') }} <input name="name" maxlength="80" required autocomplete="off"></label>
            <label>{{ $t('pages/meal.minutes') }} <input name="minutes" type="number" min="1" max="1440" step="1" value="10"
                required></label>
            <label>{{ $t('pages/meal.hands') }} <select name="attention"><option value="throughout">{{ $t('pages/meal.all-the-time')
                }}</option><option value="start">{{ $t('pages/meal.at-its-start') }}</option><option value="end">{{
                $t('pages/meal.at-its-end') }}</option></select></label>
            <label>{{ $t('pages/meal.on-a-ring') }} <select name="ring"><option value="">{{ $t('pages/meal.none') }}</option><option
                value="any">{{ $t('pages/meal.any') }}</option>@foreach ($plan->kitchen->equipment->rings as $ring)<option value="{{
                    $ring->id }}">{{ $ring->name
                }}</option>@endforeach</select></label>
            <label class="check"><input type="checkbox" name="oven" value="1" data-flag> {{ $t('pages/meal.in-the-oven') }}</label>
            <label class="check"><input type="checkbox" name="hot" value="1" data-flag> {{ $t('pages/meal.hot-at-the-table') }}</label>
            <label>{{ $t('pages/meal.keeps') }} <input name="keeps" maxlength="40" placeholder="{{ $t('pages/meal.a-day') }}"
                autocomplete="off"></label>
            <fieldset><legend>{{ $t('pages/meal.in-it-as-far') }}</legend>@foreach (Orbek\Core\Care\Allergen::cases() as $allergen)<label
                class="tick"><input type="checkbox" name="holds" data-list value="{{ $allergen->value }}"> {{
                $say->label($allergen) }}</label>@endforeach</fieldset>
            <button class="quiet">{{ $t('pages/meal.add-it') }}</button>
        </form>
    </details>
    <form method="post" action="{{ route('meal.away', $meal) }}" class="no-print">@csrf<button class="small-button">{{
        $t('pages/meal.take-this-meal-away') }}</button></form>
</aside>@endfragment
