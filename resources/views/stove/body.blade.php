@php
    $plan = $fold->plan();
    $zone = $plan->kitchen->timezone;
    $local = fn ($time) => $say->time($time->setTimezone($zone));
    $works = $plan->day->works;
    $late = $say->late($plan->day->tableAt->setTimezone($zone), $situation->tableAt);
    $id = $situation->now;
    $work = $id === null ? null : $works[$id];
    $progress = $id === null ? null : $fold->state->progress[$id];
    $boiling = $id !== null && $id === $fold->boiling();
    $boil = $plan->boil();
    $cautions = $fold->cautions($id);
@endphp
@if ($cook->practice === null)@include('stove.forgotten')@endif
@if ($cook->practice !== null && $fold->state->servedAt === null)
    <section class="simulated" aria-label="Practice">
        <p><strong>Practice.</strong> The kitchen is simulated and not quite what the plan takes it for; nothing of it is kept.{{ $callsLate > 0 ? ' The guests call: they come '.$callsLate.' min later.' : '' }}</p>
        <button type="button" class="beside" data-look>Look, feel, smell</button>
        <div class="senses" aria-live="polite" x-ignore data-kept></div>
    </section>
@endif
@if ($work !== null && $fold->state->servedAt === null)
    <section class="now" aria-label="Now" data-task="{{ $id }}">
        <p class="over"><strong>{{ $progress->isRunning() ? 'Now' : 'Next to do' }}{{ $boiling ? ' · rice in the boil' : '' }}</strong>
            <span class="table-at">table {{ $local($situation->tableAt) }}{{ $late }}</span></p>
        <h1>{{ $boiling ? ($fold->isScoopNext() ? 'Test a grain, lift a first scoop' : (count($boil->lifts) > 1 ? 'Test a grain, lift the rest' : 'Test a grain, then lift')) : $say($work->name) }}</h1>
        @if ($boiling)
            @include('stove.boil', ['task' => $id])
        @elseif ($progress->isRunning())
            <p class="count" data-until="{{ $fold->endsAt($id)->getTimestamp() }}" data-name="{{ $work->name }}" aria-live="off">0:00</p>
            @if ($work->detail !== null)<p class="window">{{ $say->first($work->detail) }}</p>@endif
        @else
            <p class="count" data-until="{{ $situation->startsAt($id)->getTimestamp() }}" data-name="{{ $work->name }}" data-waiting aria-live="off">0:00</p>
            <p class="window">to its start at {{ $local($situation->startsAt($id)) }}; {{ $work->task->minutes }} min{{ $work->task->burner() === null ? '' : ' on '.$plan->kitchen->burner($work->task->burner(), 'burner')->name }}{{ $work->detail === null ? '' : '. '.$say->first($work->detail) }}</p>
        @endif
        @if ($lid !== null)@include('stove.lid')@endif
        @foreach ($cautions as $caution)
            <div class="caution"><p><span class="visually-hidden">Caution: </span>{{ $say->label($caution, 'says') }}</p><button type="button" data-event="caution-read" data-subject="{{ $caution->value }}">Read</button></div>
        @endforeach
        @if ($progress->isRunning())
            @if ($boiling)@include('stove.boil-tools', ['task' => $id, 'home' => route('cook', $cook, false)])@endif
            @if ($boiling && $fold->isScoopNext())
                <button type="button" class="act main" data-event="scooped" data-subject="{{ $id }}">First scoop lifted</button>
            @else
                <button type="button" class="act main" data-event="done" data-subject="{{ $id }}">{{ $work->finish }}</button>
            @endif
        @else
            <button type="button" class="act main begin" data-event="started" data-subject="{{ $id }}">{{ $work->begin }}</button>
        @endif
        @if ($lid !== null)@include('stove.lid-tools', ['home' => route('cook', $cook, false)])@endif
    </section>
@elseif ($fold->state->servedAt === null && $situation->running === [])
    <section class="now" aria-label="Now">
        <p class="over"><strong>Now</strong><span class="table-at">table {{ $local($situation->tableAt) }}</span></p>
        <h1>On the table</h1>
        <button type="button" class="act main" data-event="served">Everyone sits</button>
    </section>
@elseif ($fold->state->servedAt === null)
    <section class="now" aria-label="Now">
        <p class="over"><strong>Now</strong><span class="table-at">table {{ $local($situation->tableAt) }}</span></p>
        <h1>Nothing in hand</h1>
        <p class="window">What runs beside goes on by itself.</p>
        @if ($lid !== null)@include('stove.lid')@include('stove.lid-tools', ['home' => route('cook', $cook, false)])@endif
    </section>
@else
    <section class="now noting" aria-label="How it came out">
        <p class="over"><strong>On the table at {{ $local($fold->state->servedAt) }}</strong></p>
        @if ($cook->practice !== null)
            <h1>The practice is over</h1>
            <p><a class="act main" href="{{ route('supper.end', $cook) }}">Lift the lid: how it really was</a></p>
        @else
        <h1>{{ $fold->state->outcome === null ? 'How did it come out?' : 'Noted' }}</h1>
        @include('stove.note', ['home' => route('cook', $cook, false)])
        @endif
        <p><a href="{{ route('notebook') }}">To the Notebook</a></p>
    </section>
@endif
@if ($fold->state->servedAt === null)
    <section class="waiting" aria-label="What waits and what runs">
        @if ($situation->next !== null)
            <div class="row next">
                <p class="small">Next, at {{ $local($situation->startsAt($situation->next)) }}</p>
                <p><strong>{{ $works[$situation->next]->name }}</strong>{{ $works[$situation->next]->detail === null ? '' : ', '.$say($works[$situation->next]->detail) }}</p>
                @if ($work !== null && $progress->isRunning() && ! $situation->nextFollows)
                    <button type="button" class="beside" data-event="started" data-subject="{{ $situation->next }}">{{ $works[$situation->next]->begin }}</button>
                @endif
            </div>
        @endif
        @foreach ($situation->running as $beside)
            <div class="row">
                <p>{{ $works[$beside]->name }}<br><span class="small">{{ $works[$beside]->task->burner() === null ? 'on its own' : $plan->kitchen->burner($works[$beside]->task->burner(), 'burner')->name }}, since {{ $local($fold->state->progress[$beside]->startedAt) }}</span></p>
                <p class="left" data-until="{{ $fold->endsAt($beside)->getTimestamp() }}" data-name="{{ $works[$beside]->name }}" @if ($works[$beside]->task->attention !== Orbek\Core\Clock\Attention::None) data-calls @endif>0:00</p>
                <button type="button" class="beside" data-event="done" data-subject="{{ $beside }}">{{ $works[$beside]->finish }}</button>
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
            <form method="post" action="{{ route('cook.give-up', $cook) }}" data-leaves>@csrf<button>Give this cook up</button></form>
        </div>
    </section>
@elseif ($fold->last !== null)
    <section class="waiting"><div class="row tools"><button type="button" data-event="undone" data-subject="{{ $fold->last->id }}">Undo</button></div></section>
@endif
