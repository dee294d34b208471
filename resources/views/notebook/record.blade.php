<x-layouts.place :title="$cook->name" place="notebook">
    <div class="page record">
        <h1>{{ $cook->name }}</h1>
        <p class="under">{{ $t('pages/notebook.cooked-on', started: $say->dated($cook->started_at->setTimezone($zone), 'day-year'), eaters:
            $plan->dish->table->eaters, rice: $plan->totals->rice(), pot: $plan->pot()->name, isServed: $fold->state->servedAt !== null,
            served: $fold->state->servedAt === null ? '' : $local($fold->state->servedAt)) }}</p>
        @if (isset($noted['rice']))
            <p class="lead">{{ $th('pages/notebook.rice-2', it: $say->label(Orbek\Core\Cook\RiceOutcome::from($noted['rice'])))
                }}@isset($noted['crust']){{ $t('pages/notebook.crust-3') }} <span class="swatch crust-{{ $noted['crust'] }}"></span>
                <strong>{{
                $say->label(Orbek\Core\Lid\CrustColour::from($noted['crust'])) }}</strong>@endisset{{ $th('pages/notebook.filling-noted',
                    filling:
                    Orbek\Core\Cook\FillingOutcome::from($noted['filling']), also: $also, hasLine: ($noted['line'] ?? '') !== '', line:
                    $noted['line'] ?? '') }} <a href="{{ route('meal-cook', $cook->meal_cook_id) }}" class="small">{{
                    $t('pages/notebook.to-its-note', isOfOne: $cook->ofMeal()->isOfOne()) }}</a></p>
        @endif
        @if ($left !== null)@include('notebook.left', ['cook' => $cook, 'left' => $left, 'now' => $now])@endif

        <h2>{{ $t('pages/notebook.as-planned-and-as-it-was') }}</h2>
        @if ($late !== null)<p>{{ $say->first($late) }}.</p>@endif
        @foreach ($fold->state->tastings as [$what, $said])<p>{{ $t('pages/notebook.tasted', what: $say->label($what), said:
            $say->label($said)) }}</p>@endforeach
        @foreach ($fold->state->tooFar as $task)<p>{{ $t('pages/notebook.went-too-far', task: $say->first($plan->day->task($task)->name))
            }}</p>@endforeach
        <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.as-planned-and-as-it-was') }}">
        <svg class="drawing record" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height() }}" width="{{ $drawing->width }}" height="{{
            $drawing->height() }}" role="img">
            <title>{{ $t('pages/notebook.each-step-as-it-was-planned') }}</title>
            @foreach ($drawing->ticks() as $tick)<path class="rule" d="M{{ $tick['x'] }},20V{{ $drawing->height() - 28 }}"/><text
                class="small" x="{{ $tick['x'] }}" y="14" text-anchor="middle">{{ $tick['time'] }}</text>@endforeach
            @foreach ($drawing->rows() as $row)
                <text x="0" y="{{ $row['y'] + 13 }}">{{ Str::limit($row['name'], 27) }}</text>
                <rect class="planned" x="{{ $row['planned']['x'] }}" y="{{ $row['y'] }}" width="{{ $row['planned']['width'] }}" height="{{
                    $drawing->barHigh() }}"/>
                @if ($row['was'] !== null)<rect class="was" x="{{ $row['was']['x'] }}" y="{{ $row['y'] + $drawing->barHigh() + 2 }}"
                    width="{{ $row['was']['width'] }}" height="{{ $drawing->barHigh() }}"/>@endif
            @endforeach
            @foreach ($drawing->marks() as $mark)<path class="mark" d="M{{ $mark['x'] }},20V{{ $drawing->height() - 28 }}"><title>{{
                $mark['says'] }}</title></path>@endforeach
            <rect class="planned" x="0" y="{{ $drawing->footY() - 8 }}" width="26" height="8"/><text class="small" x="32" y="{{
                $drawing->footY() }}">{{ $t('pages/notebook.as-planned') }}</text><rect class="was" x="120" y="{{ $drawing->footY() - 8 }}"
                    width="26" height="8"/><text class="small" x="152"
                    y="{{ $drawing->footY()
                }}">{{ $t('pages/notebook.as-it-was') }}</text>@if ($drawing->marks() !== [])<path class="mark" d="M236,{{ $drawing->footY()
                    - 10 }}v12"/><text
                    class="small"
                x="244" y="{{ $drawing->footY() }}">{{ Str::limit(collect($drawing->marks())->pluck('says')->implode($semicolon), 90)
                    }}</text>@endif
        </svg>
        </div>
        <details><summary>{{ $t('pages/notebook.the-same-as-a-table') }}</summary>
            <table class="parts"><thead><tr><th scope="col">{{ $t('pages/notebook.step') }}</th><th scope="col">{{
                $t('pages/notebook.as-planned') }}</th><th scope="col">{{ $t('pages/notebook.as-it-was') }}</th></tr></thead>
                <tbody>@foreach ($drawing->table() as $row)<tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['planned'] }}</td><td>{{
                    $row['was'] }}</td></tr>@endforeach</tbody></table>
        </details>
        @if ($looks !== [])<h2>{{ $t('pages/notebook.under-the-lid') }}</h2><ul class="amounts">@foreach ($looks as $says)<li>{{ $says
            }}</li>@endforeach</ul>@endif

        @if ($plan->boil() !== null && $fold->forecast() !== null && $fold->lift() !== null)
            <h2>{{ $t('pages/notebook.the-boil') }}</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.the-boil') }}">
            <x-drawing.boil :boil="$plan->boil()" :width="620" :lift="$fold->lift()" :forecast="$fold->forecast()"
                :tests="$fold->state->observations" /></div>
            <p>{{ $t('pages/notebook.lifted-after', isLifted: $fold->liftedAfterS() !== null, lifted: $fold->liftedAfterS() === null ? '' :
                $say->clock($fold->liftedAfterS()), foretold: $plan->boil()->liftAt, from:
                $plan->boil()->liftAt->from(), by: $plan->boil()->liftAt->by(), grains: count($fold->state->observations)) }}</p>
        @endif
        @if ($course !== null)
            <h2>{{ $t('pages/notebook.its-heat-as-it-was') }}</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.its-heat-as-it-was') }}">
            <x-drawing.heat :kitchen="$plan->kitchen" :ring="$plan->potted->first()->place->ring->id" :heat="$course->heat" :$course
                :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt->setTimezone($zone)" :width="620"
                :probes="$readings" /></div>
            <p>{{ $th('pages/notebook.closed-with', seal: $plan->dish->lid->seal->name, isRead: $readings !== [], probes:
                array_keys($readings), colour: $course->colour(), isNoted: isset($noted['crust']), crust: isset($noted['crust'])
                ? Orbek\Core\Lid\CrustColour::from($noted['crust']) : '') }}</p>
        @endif
        @include('notebook.photographs')
        @if ($learned !== [])
            <h2 id="learned">{{ $t('pages/notebook.what-it-taught') }}</h2>
            <ul class="learned">
                @foreach ($learned as $one)
                    <li>
                        <x-drawing.belief :belief="$one['counts'] ? $one['with'] : $one['without']" :before="$one['counts'] ?
                            $one['without'] : $one['with']" :width="300" :stove="$one['isStove']" :ends="$one['ends']"
                            :says="$one['ends'] === null ? null : $one['name']" />
                        <div><p>{{ $th('pages/notebook.taught-with-and-without', name: $one['name'], of: $one['of'], without:
                            $one['toldWithout'], with: $one['toldWith'], counts: (bool) $one['counts']) }}</p>
                        <form method="post" action="{{ route('cook.taught', $cook) }}">@csrf<input type="hidden" name="what" value="{{
                            $one['what']->value }}"><input type="hidden" name="back" value="{{ $one['counts'] ? '1' : '0' }}"><button
                            class="small-button" aria-label="{{ $one['counts'] ? $t('pages/notebook.take-back') :
                                $t('pages/notebook.let-it-count') }}: {{ $one['name'] }}">{{
                                $t('pages/notebook.take-back-or-count', counts: (bool) $one['counts']) }}</button></form></div>
                    </li>
                @endforeach
            </ul>
        @endif
        <h2>{{ $t('pages/notebook.likeliest-causes') }}</h2>
        <div x-data="later" data-url="{{ route('cook.next', $cook) }}" aria-busy="true" aria-live="polite"><p><a href="{{ route('cook.next',
            $cook) }}">{{ $t('pages/notebook.follow-it-again-with-one-thing') }}</a></p></div>
        <h2>{{ $t('pages/notebook.cook-that-one-again') }}</h2>
        <form method="post" action="{{ route('cook.again', $cook) }}" class="again">
            @csrf
            <p>{{ $t('pages/notebook.for') }} <input class="word" name="eaters" type="number" min="1" max="60" step="1" value="{{
                $plan->dish->table->eaters }}"
                required aria-label="{{ $t('pages/notebook.for-so-many-people') }}"> {{ $t('pages/notebook.in-the') }} <select class="word"
                    name="pot"
                aria-label="{{ $t('pages/notebook.pot') }}">@foreach ($home->stovePots() as $pot)<option value="{{ $pot->id }}"
                    @selected($pot->id ===
                $plan->pot()->id)>{{ $pot->name }}</option>@endforeach</select> {{ $t('pages/notebook.on-the') }} <select class="word"
                    name="burner"
                aria-label="{{ $t('pages/notebook.ring') }}">@foreach ($home->equipment->rings as $ring)<option value="{{ $ring->id }}"
                    @selected($ring->id ===
                $plan->dish->lid->ring)>{{ $ring->name }}</option>@endforeach</select>{{ $t('pages/notebook.so-that-it-comes-out') }}
                    <button
                class="quiet">{{ $t('pages/notebook.make-the-dish') }}</button></p>
        </form>
        <h2>{{ $t('pages/notebook.amounts-as-they-were') }}</h2>
        <ul class="amounts two">@foreach ($plan->ingredients as $one)<li><strong>{{ $say->amount($one->amount) }}</strong> {{ $one->name
            }}</li>@endforeach</ul>
        <h2>{{ $t('pages/notebook.written-later') }}</h2>
        @foreach ($fold->state->remarks as $remark)<p><span class="small">{{ $say->dated($remark->at->setTimezone($zone), 'date') }}{{
            $comma }}{{
            $local($remark->at) }}</span> {{ $remark->line }}</p><form method="post" action="{{ route('cook.remark', $cook) }}">@csrf<button
            class="small-button" name="back" value="{{ $remark->id }}" aria-label="{{ $t('pages/notebook.take-back-2', line:
                Str::limit($remark->line, 60)) }}">{{ $t('pages/notebook.take-back') }}</button></form>@endforeach
        <form method="post" action="{{ route('cook.remark', $cook) }}" class="find">@csrf<label for="remark">{{
            $t('pages/notebook.a-line-at-breakfast-or-next') }}</label><input id="remark" name="line" maxlength="300" required
            autocomplete="off"><button class="quiet">{{ $t('pages/notebook.write-it-down') }}</button></form>
        <p><a href="{{ route('notebook') }}">{{ $t('pages/notebook.to-the-notebook') }}</a> · <a href="{{ route('stoves') }}">{{
            $t('pages/notebook.what-the-stove-has-learned') }}</a></p>
    </div>
</x-layouts.place>
