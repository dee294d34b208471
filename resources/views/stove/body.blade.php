@php
    use Orbek\Core\Lid\CrustColour;
    use Orbek\Core\Cook\FillingOutcome;
    use Orbek\Core\Cook\RiceOutcome;
    $plan = $fold->plan;
    $zone = $plan->kitchen->timezone;
    $local = fn ($time) => $time->setTimezone($zone)->format('H:i');
    $tasks = $plan->schedule->tasks;
    $lateMin = intdiv($situation->tableAt->getTimestamp() - $plan->tableAt->getTimestamp(), 60);
    $id = $situation->now;
    $task = $id === null ? null : $tasks[$id];
    $progress = $id === null ? null : $fold->progress[$id];
    $boiling = $id !== null && $id === $fold->boiling();
    $boil = $plan->boil;
    $forecast = $fold->forecast();
    $lift = $fold->lift();
    $seen = $fold->observations !== [] || ($forecast !== null && $forecast->boil !== $boil->forecast->boil);
    $clock = Orbek\Core\Measure\Figure::clock(...);
    $cautions = $fold->cautions($id);
@endphp
@if ($task !== null && $fold->servedAt === null)
    <section class="now" aria-label="Now" data-task="{{ $id }}">
        <p class="over"><strong>{{ $progress->isRunning() ? 'Now' : 'Next to do' }}{{ $boiling ? ' · rice in the boil' : '' }}</strong>
            <span class="table-at">table {{ $local($situation->tableAt) }}@if ($lateMin > 0), {{ $lateMin }} min late @endif</span></p>
        <h1>{{ $boiling ? ($fold->isScoopNext() ? 'Test a grain, lift a first scoop' : (count($boil->lifts) > 1 ? 'Test a grain, lift the rest' : 'Test a grain, then lift')) : $task->name }}</h1>
        @if ($boiling)
            <div class="boil-now">
                <p class="count" data-since="{{ $progress->startedAt->getTimestamp() }}" aria-live="off">0:00</p>
                <x-drawing.grain :doneness="0" :size="116" live />
            </div>
            @if (count($boil->lifts) > 1)
                <p class="window"><strong>{{ $fold->isScoopNext() ? 'First scoop, '.round(100 * $lift->share).' % of the rice' : 'The rest' }}</strong>: a grain that {{ $lift->stage->words() }}.</p>
            @endif
            <p class="window">lift at <strong>{{ $clock($forecast->liftAt()) }}</strong>, test from {{ $clock($forecast->liftAt(0.1)) }}, by {{ $clock($forecast->liftAt(0.9)) }} at the latest{{ $seen ? '; before the tests '.$lift->at->text() : '' }}. <span data-live-words></span></p>
            <x-drawing.boil :$boil :width="350" live :$lift :$forecast :tests="$fold->observations" />
            @if ($advice !== [])
                <div class="clash" role="status">@foreach ($advice as $line)<p>{{ $line }}</p>@endforeach</div>
            @endif
            <h2 id="feel">What do you feel?</h2>
            <div class="stages" role="group" aria-labelledby="feel">
                @foreach (Orbek\Core\Rice\Stage::cases() as $stage)
                    <button type="button" data-event="tested" data-subject="{{ $id }}" data-stage="{{ $stage->value }}" title="a grain {{ $stage->words() }}"><x-drawing.pressed :$stage />{{ $stage->label() }}</button>
                @endforeach
            </div>
            <script type="application/json" data-course>@json(['startedAt' => $progress->startedAt->getTimestamp(), 'course' => $course])</script>
        @elseif ($progress->isRunning())
            <p class="count" data-until="{{ $fold->endsAt($id)->getTimestamp() }}" data-name="{{ $task->name }}" aria-live="off">0:00</p>
            @if ($task->detail !== null)<p class="window">{{ Str::ucfirst($task->detail) }}</p>@endif
        @else
            <p class="count" data-until="{{ $situation->startsAt($id)->getTimestamp() }}" data-name="{{ $task->name }}" data-waiting aria-live="off">0:00</p>
            <p class="window">to its start at {{ $local($situation->startsAt($id)) }}; {{ $task->minutes }} min{{ $task->burner() === null ? '' : ' on '.$plan->kitchen->burner($task->burner(), 'burner')->name }}{{ $task->detail === null ? '' : '. '.Str::ucfirst($task->detail) }}</p>
        @endif
        @if ($lid !== null)@include('stove.lid')@endif
        @foreach ($cautions as $caution)
            <div class="caution"><p><span class="visually-hidden">Caution: </span>{{ $caution->says() }}</p><button type="button" data-event="caution-read" data-subject="{{ $caution->value }}">Read</button></div>
        @endforeach
        @if ($progress->isRunning())
            @if ($boiling)
                <div class="boil-tools">
                    @if ($forecast->boil === $boil->forecast->boil)
                        <button type="button" data-event="back-at-boil" data-subject="{{ $id }}">It boils again</button>
                    @endif
                    <details class="weigh" data-keep-open><summary>Weigh a spoonful</summary>
                        <form data-event="weighed" data-subject="{{ $id }}">
                            <label>raw <input name="raw_g" type="number" inputmode="decimal" min="1" max="200" step="0.1" value="10" required> g</label>
                            <label>drained <input name="drained_g" type="number" inputmode="decimal" min="1" max="700" step="0.1" required> g</label>
                            <button>Weighed</button>
                        </form>
                    </details>
                </div>
            @endif
            @if ($boiling && $fold->isScoopNext())
                <button type="button" class="act main" data-event="scooped" data-subject="{{ $id }}">First scoop lifted</button>
            @else
                <button type="button" class="act main" data-event="done" data-subject="{{ $id }}">{{ $task->finish }}</button>
            @endif
        @else
            <button type="button" class="act main begin" data-event="started" data-subject="{{ $id }}">{{ $task->begin }}</button>
        @endif
        @if ($lid !== null)@include('stove.lid-tools')@endif
    </section>
@elseif ($fold->servedAt === null && $situation->running === [])
    <section class="now" aria-label="Now">
        <p class="over"><strong>Now</strong><span class="table-at">table {{ $local($situation->tableAt) }}</span></p>
        <h1>On the table</h1>
        <button type="button" class="act main" data-event="served">Everyone sits</button>
    </section>
@elseif ($fold->servedAt === null)
    <section class="now" aria-label="Now">
        <p class="over"><strong>Now</strong><span class="table-at">table {{ $local($situation->tableAt) }}</span></p>
        <h1>Nothing in hand</h1>
        <p class="window">What runs beside goes on by itself.</p>
        @if ($lid !== null)@include('stove.lid')@include('stove.lid-tools')@endif
    </section>
@else
    <section class="now noting" aria-label="How it came out">
        <p class="over"><strong>On the table at {{ $local($fold->servedAt) }}</strong></p>
        <h1>{{ $fold->outcome === null ? 'How did it come out?' : 'Noted' }}</h1>
        <form class="note">
            @foreach ([['rice', 'Rice', RiceOutcome::cases()], ['crust', 'Crust', CrustColour::cases()], ['filling', 'Filling', FillingOutcome::cases()]] as [$name, $title, $cases])
                <fieldset>
                    <legend>{{ $title }}</legend>
                    <div class="taps">
                        @foreach ($cases as $case)
                            <label><input type="radio" name="{{ $name }}" value="{{ $case->value }}" required @checked($fold->outcome?->{$name} === $case)><span>@if ($name === 'crust')<i class="swatch crust-{{ $case->value }}"></i>@endif{{ $case->label() }}</span></label>
                        @endforeach
                    </div>
                </fieldset>
            @endforeach
            <fieldset class="where"><legend>Where was the rice off, if it was</legend><div class="taps">@foreach (Orbek\Core\Cook\Where::cases() as $where)<label><input type="radio" name="where" value="{{ $where->value }}" @checked($fold->outcome?->where === $where)><span>{{ $where->value }}</span></label>@endforeach</div></fieldset>
            <label class="line" for="line">One line for next time</label>
            <input id="line" name="line" maxlength="200" value="{{ $fold->outcome?->line }}" autocomplete="off">
            <button class="act main">{{ $fold->outcome === null ? 'Write it down' : 'Change the note' }}</button>
        </form>
        <p><a href="{{ route('notebook') }}">To the Notebook</a></p>
    </section>
@endif
@if ($fold->servedAt === null)
    <section class="waiting" aria-label="What waits and what runs">
        @if ($situation->next !== null)
            <div class="row next">
                <p class="small">Next, at {{ $local($situation->startsAt($situation->next)) }}</p>
                <p><strong>{{ $tasks[$situation->next]->name }}</strong>{{ $tasks[$situation->next]->detail === null ? '' : ', '.$tasks[$situation->next]->detail }}</p>
                @if ($task !== null && $progress->isRunning() && ! $situation->nextFollows)
                    <button type="button" class="beside" data-event="started" data-subject="{{ $situation->next }}">{{ $tasks[$situation->next]->begin }}</button>
                @endif
            </div>
        @endif
        @foreach ($situation->running as $beside)
            <div class="row">
                <p>{{ $tasks[$beside]->name }}<br><span class="small">{{ $tasks[$beside]->burner() === null ? 'on its own' : $plan->kitchen->burner($tasks[$beside]->burner(), 'burner')->name }}, since {{ $local($fold->progress[$beside]->startedAt) }}</span></p>
                <p class="left" data-until="{{ $fold->endsAt($beside)->getTimestamp() }}" data-name="{{ $tasks[$beside]->name }}" @if ($tasks[$beside]->attention !== Orbek\Core\Clock\Attention::None) data-calls @endif>0:00</p>
                <button type="button" class="beside" data-event="done" data-subject="{{ $beside }}">{{ $tasks[$beside]->finish }}</button>
            </div>
        @endforeach
        <div class="row tools">
            @if ($id !== null && $progress->isRunning())
                <button type="button" data-event="lengthened" data-subject="{{ $id }}" data-minutes="1">+ 1 min</button>
                <button type="button" data-event="lengthened" data-subject="{{ $id }}" data-minutes="-1">− 1 min</button>
            @endif
            @if ($fold->last !== null)
                <button type="button" data-event="undone" data-subject="{{ $fold->last->id }}">Undo</button>
            @endif
        </div>
    </section>
@elseif ($fold->last !== null)
    <section class="waiting"><div class="row tools"><button type="button" data-event="undone" data-subject="{{ $fold->last->id }}">Undo</button></div></section>
@endif
