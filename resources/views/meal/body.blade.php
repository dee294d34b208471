@fragment('meal-ropes')<div class="ropes" id="meal-ropes">
    <h1 class="meal-name">{{ $m->name }}</h1>
    <p class="meal-sentence">On <select class="word choice" data-path="serve_at" data-part="day" aria-label="On the table, day"
        autocomplete="off">@foreach ($days->groupBy(fn ($day) => $say->reading()->weekOf($day)) as $week => $inWeek)<optgroup label="{{
        $week === $say->reading()->weekOf($today) ? 'This week' : 'The week of '.Carbon\CarbonImmutable::parse($week)->format('j F')
        }}">@foreach ($inWeek as $day)<option value="{{ $day->format('Y-m-d') }}" @selected($day->format('Y-m-d') ===
        $plan->tableAt->format('Y-m-d'))>{{ $day->format('l j F') }}</option>@endforeach</optgroup>@endforeach</select>
        at <input class="word time" type="text" data-path="serve_at" data-part="time" data-at="{{ $plan->tableAt->format('Y-m-d\TH:i')
            }}" aria-label="On the table, time"
            value="{{ $say->reading()->isTwelveHours ? $plan->tableAt->format('g:i a') : $plan->tableAt->format('H:i') }}"
            pattern="([01]?\d|2[0-3]):[0-5]\d|(0?[1-9]|1[0-2]):[0-5]\d ?[aApP]\.?[mM]\.?" title="Give a time such as {{
            $say->reading()->isTwelveHours ? '7:30 pm' : '19:30' }}." size="8" maxlength="9" required autocomplete="off">
        for <x-word.number path="eaters" :value="$m->eaters" label="How many eat" min="1" max="60" />, of them <x-word.number
            path="children" :value="$m->children" label="children" min="0" max="60" /> children, <x-word.choice path="plates"
            :options="['light' => 'light', 'usual' => 'usual', 'hearty' => 'hearty']" :value="$m->portion->value" label="Plates" /> plates,
            <x-word.number path="leftovers" :value="$m->leftovers" label="Portions left for later" min="0" max="20" /> portions for later:
        @foreach ($plan->plans as $index => $one)
            <span class="of-meal"><strong>@if (count($plan->plans) > 1)<span class="of">{{ $index + 1 }}</span> @endif<a href="{{
                route('pot', $m->shares[$index]->dish) }}">{{ $one->dish->name }}</a></strong> for <x-word.number
                :path="'dishes:eaters:'.$index" :value="$one->dish->table->eaters" :label="$one->dish->name.': for how many'" min="1"
                :max="$m->eaters" />@if (count($plan->plans) > 1) <button type="button" class="small-button" data-mend
                data-path="dishes:remove:{{ $index }}" data-value="null" aria-label="Take out: {{ $one->dish->name }}">×</button>@endif{{
                $loop->last ? '' : ',' }}</span>
        @endforeach
        @if ($m->sides !== [])with @foreach ($m->sides as $index => $side)<span class="of-meal">{{ $side->name }}<button type="button"
            class="small-button" data-mend data-path="sides:remove:{{ $index }}" data-value="null" aria-label="Take out: {{ $side->name
            }}">×</button>{{ $loop->last ? '' : ', ' }}</span>@endforeach @endif;
        <x-word.number path="hands" :value="$m->hands" label="How many cook" min="1" max="6" /> {{ $m->hands === 1 ? 'of you cooks' :
            'of you cook' }}.</p>
    <div class="on-paper" aria-hidden="true">
        @foreach ($plan->plans as $one)
            <div><x-drawing.pot :plan="$one" :scale="5" :labels="false" /><p><strong>{{ $one->dish->name }}</strong><br>{{
                $say->amount($one->totals->rice()) }} of rice, {{ $say->amount($one->potted->rice->water) }} of water{{
                $one->potted->rice->salt->amount > 0 ? ', '.$say->amount($one->potted->rice->salt).' of salt' : '' }}{{ $one->boil() ===
                null ? '' : '; lift at '.$one->boil()->liftAt->text() }}</p></div>
        @endforeach
    </div>
    <div class="scrolls"><x-drawing.meal :$plan /></div>
    <ol class="told meal-told">
        @foreach ($plan->tasks as $id => $task)
            <li><span class="time">{{ $say->time($plan->at($plan->start($id))) }}</span> <strong>{{ $task->name }}</strong>@if ($task->dish
                !== null && count($plan->plans) > 1), {{ $plan->plans[$task->dish]->dish->name }}@endif, {{ $task->job->minutes }} min{{
                $task->ring === null ? '' : ', '.$plan->kitchen->equipment->rings[$task->ring]->name }}{{ $task->detail === null ? '' :
                '; '.$say($task->detail) }}@if ($told($id) !== [])<span class="with-amounts">{{ implode('; ', $told($id))
                }}</span>@endif</li>
        @endforeach
        <li><span class="time">{{ $say->time($plan->tableAt) }}</span> <strong>Table</strong></li>
    </ol>
    <ul class="minded" aria-hidden="true">@foreach ($minded as $says)<li>{{ $says }}</li>@endforeach</ul>
</div>@endfragment
@fragment('meal-says')<aside class="beside" id="meal-says" aria-label="What the clock says">
    <p class="strong-figure">{{ $hm($plan->laid->busyMin) }}</p>
    <p>in the kitchen, from {{ $say->time($plan->at(-$plan->laid->busyMin)) }}; @if (! $plan->holds)<strong>it does not fit</strong>@else{{
        $plan->laid->isProven() ? 'it cannot be shorter' : 'it cannot be under '.$hm($plan->laid->boundMin) }}@endif.@if ($first <
        -$plan->laid->busyMin) First work at {{ $say->time($plan->at($first)) }}{{ $plan->at($first)->format('Y-m-d') ===
        $plan->tableAt->format('Y-m-d') ? '' : ' on '.$plan->at($first)->format('l j F') }}.@endif</p>
    @foreach ($plan->clashes as $clash)
        <div class="{{ $clash->isWrong ? 'clash ' : '' }}ruled" role="status"><p>{{ $clash->says }}</p>
            @foreach ($clash->mends as $mend)
                @if ($mend->path === '')<p class="small">{{ $mend->label }}: {{ $mend->gainMin }} min less.</p>@continue @endif
                <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label
                    }}{{ $mend->gainMin === null ? ': it fits' : ": {$mend->gainMin} min less" }}</button>
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
                        $one->guest->who }}: take off the list">Take off</button>
                </li>
            @endforeach
        </ul>
        @foreach ($unknown as $name)<p class="no-print">Is there anything in <strong>{{ $name }}</strong> that a guest
            must not have? <button type="button" class="small-button" data-mend data-path="plain:{{ $name }}"
            data-value="true">Nothing of it, I know</button></p>@endforeach
        @foreach ($m->plain as $name)<p class="small no-print">{{ $name }}: nothing in it, as you know. <button type="button"
            class="small-button" data-mend data-path="plain:{{ $name }}" data-value="false" aria-label="{{ $name }}: not known after
            all">Not after all</button></p>@endforeach
    @endif
    <details class="adding no-print" id="another-guest" data-keep-open><summary>Someone who must not eat everything</summary>
        <form data-add="guests">
            <label>Who <input name="who" maxlength="60" required autocomplete="off"></label>
            <label>Eats <select name="diet">@foreach (Orbek\Core\Dish\Diet::cases() as $diet)<option value="{{ $diet->value }}">{{
                $say->label($diet) }}</option>@endforeach</select></label>
            <fieldset><legend>Must not have</legend>@foreach (Orbek\Core\Care\Allergen::cases() as $allergen)<label class="tick"><input
                type="checkbox" name="avoids" data-list value="{{ $allergen->value }}"> {{ $say->label($allergen)
                }}</label>@endforeach</fieldset>
            <label class="tick"><input type="checkbox" name="small_child" data-flag> a small child</label>
            <button class="quiet">Note it</button>
        </form>
    </details>
    </div>
    @if ($plan->theDayBefore() !== [])
        <div class="ruled"><p><strong>The day before</strong>{{ $ahead === [] ? ', or in the morning, could be:' : ':' }}</p>
            @if ($ahead !== [])
                <ul class="day-before">@foreach ($ahead as $id => $task)<li><strong>{{ $say->time($plan->at($plan->start($id))) }}</strong>
                    @if ($isMarked($task))<span class="of">{{ $task->dish + 1 }}</span> @endif{{ $say->first($task->name) }}, {{
                    $task->job->minutes }} min; keeps {{ $task->keeps }} <button type="button" class="small-button no-print" data-mend
                    data-path="ahead:{{ $id }}" data-value="false">On the day</button></li>@endforeach</ul>
                <p class="small">{{ $plan->at($plan->start(array_key_first($ahead)))->format('l j F') }}. Let it cool, cover it, into the
                    fridge within two hours, at {{ $say->degrees(4) }} or below.</p>
            @endif
            <ul class="day-before no-print">@foreach ($plan->theDayBefore() as $task)@unless ($task->isAhead)<li>@if ($isMarked($task))<span
                class="of">{{ $task->dish + 1 }}</span> @endif{{ $say->first($task->name) }}, {{ $task->job->minutes }} min; keeps {{
                $task->keeps }} <button type="button" class="small-button" data-mend data-path="ahead:{{ $task->job->id }}"
                data-value="true">Do it then</button></li>@endunless @endforeach</ul>
            @if ($plan->keepingMin() > 0)<p class="no-print"><button type="button" class="mend" data-mend data-path="ahead"
                data-value='@json(array_map(fn ($task) => $task->job->id, $plan->theDayBefore()))'>All of it then: {{ $plan->keepingMin() }}
                min of work less on the day</button></p>@endif
        </div>
    @endif
    <div class="ruled"><strong>{{ $m->eaters }}</strong> plates{{ $m->leftovers > 0 ? " and {$m->leftovers} for later" : '' }}; one who eats
        of {{ count($plan->plans) > 1 ? 'every dish' : 'it' }} has <x-figure :figure="$plan->saltAHead()" /> of salt.</div>
    @foreach ($plan->plans as $one)<p class="ruled"><strong>{{ $one->dish->name }}</strong>: the {{ $one->pot()->name }} on {{
        $one->potted->first()->place->ring->name }}, {{ $say->label($one->course()?->colour() ?? $one->dish->build->base->crust)
        }}.@if (in_array($loop->index, $m->keptWarm, true)) Kept in the oven till the table. <button type="button" class="small-button
        no-print" data-mend data-path="warm:{{ $loop->index }}" data-value="false">Not kept</button>@endif</p>@endforeach
    <p class="ruled no-print"><a href="{{ route('meal.list', $meal) }}">Shopping and mise</a><br><a href="{{ route('meal.calendar', $meal)
        }}" download>To the calendar</a><br><a href="{{ route('meal.file', $meal) }}" download>Save as a file</a><br><a href="{{
        route('meal.versions', $meal) }}">What changed</a>@if ($canUndo) <button type="button" class="small-button" data-mend
        data-path="undo" data-value="null">Take the last change back</button>@endif</p>
    <details class="adding ruled no-print" id="another-dish" data-keep-open><summary>Another dish</summary>
        @foreach ($others as $other)<button type="button" class="small-button" data-mend data-path="dishes:add"
            data-value='@json($other->id)'>{{ $other->name }}</button> @endforeach
        @if ($others === [])<p>All dishes of the shelf are in it.</p>@endif
    </details>
    <details class="adding no-print" id="another-side" data-keep-open><summary>Another side</summary>
        <form data-add="sides">
            <label>What <input name="name" maxlength="80" required autocomplete="off"></label>
            <label>Minutes <input name="minutes" type="number" min="1" max="1440" step="1" value="10" required></label>
            <label>Hands <select name="attention"><option value="throughout">all the time</option><option value="start">at its
                start</option><option value="end">at its end</option></select></label>
            <label>On a ring <select name="ring"><option value="">none</option><option
                value="any">any</option>@foreach ($plan->kitchen->equipment->rings as $ring)<option value="{{ $ring->id }}">{{ $ring->name
                }}</option>@endforeach</select></label>
            <label class="check"><input type="checkbox" name="oven" value="1" data-flag> in the oven</label>
            <label class="check"><input type="checkbox" name="hot" value="1" data-flag> hot at the table</label>
            <label>Keeps <input name="keeps" maxlength="40" placeholder="a day" autocomplete="off"></label>
            <fieldset><legend>In it, as far as its name does not say</legend>@foreach (Orbek\Core\Care\Allergen::cases() as $allergen)<label
                class="tick"><input type="checkbox" name="holds" data-list value="{{ $allergen->value }}"> {{
                $say->label($allergen) }}</label>@endforeach</fieldset>
            <button class="quiet">Add it</button>
        </form>
    </details>
    <form method="post" action="{{ route('meal.away', $meal) }}" class="no-print">@csrf<button class="small-button">Take this meal
        away</button></form>
</aside>@endfragment
