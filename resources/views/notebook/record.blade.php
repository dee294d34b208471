<x-layouts.place :title="$cook->name" place="notebook">
    <div class="page record">
        <h1>{{ $cook->name }}</h1>
        <p class="under">{{ $cook->started_at->setTimezone($zone)->format('l j F Y') }}, for {{ $plan->dish->table->eaters }}, {{
            $say->amount($plan->totals->rice()) }} of rice in the {{ $plan->pot()->name }}{{ $fold->state->servedAt === null ? '' :
            '; on the table at '.$local($fold->state->servedAt) }}</p>
        @if (isset($noted['rice']))
            <p class="lead">Rice <strong>{{ $say->label(Orbek\Core\Cook\RiceOutcome::from($noted['rice']))
                }}</strong>@isset($noted['crust']), crust <span class="swatch crust-{{ $noted['crust'] }}"></span> <strong>{{
                $noted['crust'] }}</strong>@endisset, filling <strong>{{
                $say->label(Orbek\Core\Cook\FillingOutcome::from($noted['filling'])) }}</strong>{{ $also }}.{{
                ($noted['line'] ?? '') === '' ? '' :
                ' '.$noted['line'] }} <a href="{{ route('meal-cook', $cook->meal_cook_id) }}" class="small">{{ $cook->ofMeal()->isOfOne() ?
                'Change the note' : 'To its table' }}</a></p>
        @endif
        @if ($left !== null)@include('notebook.left', ['cook' => $cook, 'left' => $left, 'now' => $now])@endif

        <h2>As planned and as it was</h2>
        @if ($late !== null)<p>{{ $say->first($late) }}.</p>@endif
        @foreach ($fold->state->tastings as [$what, $said])<p>Tasted {{ $say->label($what) }}: {{ $say->label($said) }}.</p>@endforeach
        @foreach ($fold->state->tooFar as $task)<p>Went too far: {{ $say->first($plan->day->task($task)->name) }}.</p>@endforeach
        <div class="scrolls" tabindex="0" role="group" aria-label="As planned and as it was">
        <svg class="drawing record" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height() }}" width="{{ $drawing->width }}" height="{{
            $drawing->height() }}" role="img">
            <title>Each step as it was planned, outlined, and as it was, filled; the same as a table below.</title>
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
                $drawing->footY() }}">as
                planned</text><rect class="was" x="120" y="{{ $drawing->footY() - 8 }}" width="26" height="8"/><text class="small" x="152"
                    y="{{ $drawing->footY()
                }}">as it was</text>@if ($drawing->marks() !== [])<path class="mark" d="M236,{{ $drawing->footY() - 10 }}v12"/><text
                    class="small"
                x="244" y="{{ $drawing->footY() }}">{{ Str::limit(collect($drawing->marks())->pluck('says')->implode('; '), 90)
                    }}</text>@endif
        </svg>
        </div>
        <details><summary>The same as a table</summary>
            <table class="parts"><thead><tr><th scope="col">step</th><th scope="col">as planned</th><th scope="col">as it
                was</th></tr></thead>
                <tbody>@foreach ($drawing->table() as $row)<tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['planned'] }}</td><td>{{
                    $row['was'] }}</td></tr>@endforeach</tbody></table>
        </details>
        @if ($looks !== [])<h2>Under the lid</h2><ul class="amounts">@foreach ($looks as $says)<li>{{ $says }}</li>@endforeach</ul>@endif

        @if ($plan->boil() !== null && $fold->forecast() !== null && $fold->lift() !== null)
            <h2>The boil</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="The boil">
            <x-drawing.boil :boil="$plan->boil()" :width="620" :lift="$fold->lift()" :forecast="$fold->forecast()"
                :tests="$fold->state->observations" /></div>
            <p>{{ $fold->liftedAfterS() === null ? 'When it was lifted is not noted' :
                'Lifted after '.Orbek\Core\Measure\Figure::clock($fold->liftedAfterS()) }}; {{ $plan->boil()->liftAt->text() }} was
                foretold, between {{ $plan->boil()->liftAt->fromText() }} and {{ $plan->boil()->liftAt->byText() }}; {{
                count($fold->state->observations) === 0 ? 'no grain was tested' : count($fold->state->observations).' '.Str::plural('grain',
                count($fold->state->observations)).' tested' }}.</p>
        @endif
        @if ($course !== null)
            <h2>Its heat, as it was</h2>
            <div class="scrolls" tabindex="0" role="group" aria-label="Its heat, as it was">
            <x-drawing.heat :kitchen="$plan->kitchen" :ring="$plan->potted->first()->place->ring->id" :heat="$course->heat" :$course
                :starts="$fold->state->of(Orbek\Core\Plan\Work\WorkKind::Layer)->doneAt->setTimezone($zone)" :width="620"
                :probes="$readings" /></div>
            <p>Closed with {{ $plan->dish->lid->seal->name }}. {{ $readings === [] ? '' :
                'Drawn with it is what was read by '.implode(' and ', array_keys($readings)).'. ' }}The model
                foretells a crust <strong>{{ $say->label($course->colour()) }}</strong>{{ isset($noted['crust']) ?
                '; it came out '.$noted['crust'] : '' }}.</p>
        @endif
        @include('notebook.photographs')
        @if ($learned !== [])
            <h2 id="learned">What it taught</h2>
            <ul class="learned">
                @foreach ($learned as $one)
                    <li>
                        <x-drawing.belief :belief="$one['counts'] ? $one['with'] : $one['without']" :before="$one['counts'] ?
                            $one['without'] : $one['with']" :width="300" :stove="$one['isStove']" :ends="$one['ends']"
                            :says="$one['ends'] === null ? null : $one['name']" />
                        <div><p><strong>{{ $one['name'] }}</strong>: {{ $one['of'] }} {{ $one['toldWithout'] }}
                            without this cook, dashed; {{ $one['toldWith'] }} with it.{{ $one['counts'] ? '' :
                            ' Taken back: it does not count.' }}</p>
                        <form method="post" action="{{ route('cook.taught', $cook) }}">@csrf<input type="hidden" name="what" value="{{
                            $one['what']->value }}"><input type="hidden" name="back" value="{{ $one['counts'] ? '1' : '0' }}"><button
                            class="small-button" aria-label="{{ $one['counts'] ? 'Take back' : 'Let it count' }}: {{ $one['name'] }}">{{
                            $one['counts'] ? 'Take back' : 'Let it count' }}</button></form></div>
                    </li>
                @endforeach
            </ul>
        @endif
        <h2>Likeliest causes</h2>
        <div x-data="later" data-url="{{ route('cook.next', $cook) }}" aria-busy="true" aria-live="polite"><p><a href="{{ route('cook.next',
            $cook) }}">Follow it again with one thing otherwise</a></p></div>
        <h2>Cook that one again</h2>
        <form method="post" action="{{ route('cook.again', $cook) }}" class="again">
            @csrf
            <p>For <input class="word" name="eaters" type="number" min="1" max="60" step="1" value="{{ $plan->dish->table->eaters }}"
                required aria-label="For so many people"> in the <select class="word" name="pot"
                aria-label="Pot">@foreach ($home->stovePots() as $pot)<option value="{{ $pot->id }}" @selected($pot->id ===
                $plan->pot()->id)>{{ $pot->name }}</option>@endforeach</select> on the <select class="word" name="burner"
                aria-label="Ring">@foreach ($home->equipment->rings as $ring)<option value="{{ $ring->id }}" @selected($ring->id ===
                $plan->dish->lid->ring)>{{ $ring->name }}</option>@endforeach</select>, so that it comes out the same. <button
                class="quiet">Make the dish</button></p>
        </form>
        <h2>Amounts, as they were</h2>
        <ul class="amounts two">@foreach ($plan->ingredients as $one)<li><strong>{{ $say->amount($one->amount) }}</strong> {{ $one->name
            }}</li>@endforeach</ul>
        <h2>Written later</h2>
        @foreach ($fold->state->remarks as $remark)<p><span class="small">{{ $remark->at->setTimezone($zone)->format('j F') }}, {{
            $local($remark->at) }}</span> {{ $remark->line }}</p><form method="post" action="{{ route('cook.remark', $cook) }}">@csrf<button
            class="small-button" name="back" value="{{ $remark->id }}" aria-label="Take back: {{ Str::limit($remark->line, 60) }}">Take
            back</button></form>@endforeach
        <form method="post" action="{{ route('cook.remark', $cook) }}" class="find">@csrf<label for="remark">A line, at breakfast or next
            week</label><input id="remark" name="line" maxlength="300" required autocomplete="off"><button class="quiet">Write it
            down</button></form>
        <p><a href="{{ route('notebook') }}">To the Notebook</a> · <a href="{{ route('stoves') }}">What the stove has learned</a></p>
    </div>
</x-layouts.place>
