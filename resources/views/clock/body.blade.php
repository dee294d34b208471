@php
    $first = $plan->schedule->firstStart();
    $attended = $plan->schedule->attendedFrom();
@endphp
<div class="ropes">
    <h1><strong>{{ $plan->tableAt->format('l') }}</strong> for {{ $plan->dish->table->eaters }}, {{ $dish->name }}</h1>
    <x-drawing.clock :$plan />
    <ol class="told">
        @foreach ($plan->schedule->tasks as $id => $task)
            <li><span class="time">{{ $plan->timeAt($plan->schedule->start($id))->format('H:i') }}</span> <strong>{{ $task->name }}</strong> {{ $task->minutes }} min{{ $task->burner() === null ? '' : ', '.$plan->kitchen->burner($task->burner(), 'burner')->name }}{{ $task->detail === null ? '' : '; '.$task->detail }}</li>
        @endforeach
        <li><span class="time">{{ $plan->tableAt->format('H:i') }}</span> <strong>Table</strong></li>
    </ol>
</div>
<aside class="beside" aria-label="What the clock says">
    <p class="strong-figure">{{ intdiv(-$attended, 60) }}:{{ sprintf('%02d', -$attended % 60) }}</p>
    <p>in the kitchen, from {{ $plan->timeAt($attended)->format('H:i') }}@if ($first < $attended); first work at {{ $plan->timeAt($first)->format('H:i') }}@endif</p>
    <p class="ruled">On the table <x-word.moment path="table/serve_at" :$plan :$today />.</p>
    @foreach ($plan->clashes as $clash)
        <div class="clash ruled" role="status"><p>{{ $clash->says }}</p>
            @foreach ($clash->mends as $mend)
                <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label }}</button>
            @endforeach
        </div>
    @endforeach
    @foreach ($plan->kitchen->burners as $burner)
        @php $held = $plan->schedule->heldMinutes("ring:{$burner->id}"); @endphp
        <p class="ruled"><strong>{{ $burner->name }}</strong> is in use for {{ $held }} min.</p>
    @endforeach
    <p class="ruled"><strong>Your hands</strong> are needed for {{ $plan->schedule->heldMinutes('hands') }} min.</p>
    @if ($plan->boil !== null)
    @php $last = $plan->boil->batches === 1 ? 'drain' : 'drain-'.$plan->boil->batches; @endphp
    <p class="ruled">Drained rice waits <strong>{{ $plan->schedule->end('layer') - $plan->schedule->end($last) }} min</strong> for its lid, of at most {{ Orbek\Core\Plan\WorkOrder::DRAINED_TO_LID_MIN }}.</p>
    @endif
</aside>
