@fragment('clock-ropes')<div class="ropes" id="clock-ropes">
    <h1>{{ $dish->name }} by itself, for {{ $plan->dish->table->eaters }}</h1>
    <x-drawing.clock :$plan />
    <ol class="told">
        @foreach ($plan->day->tasks as $id => $work)
            <li><span class="time">{{ $say->time($plan->day->startsAt($id)) }}</span> <strong>{{ $work->name }}</strong> {{
                $work->task->minutes }} min{{ $work->task->ring() === null ? '' : ', '.$plan->kitchen->ring($work->task->ring(),
                'burner')->name }}{{ $work->detail === null ? '' : '; '.$say($work->detail) }}</li>
        @endforeach
        <li><span class="time">{{ $say->time($plan->day->tableAt) }}</span> <strong>Table</strong></li>
    </ol>
</div>@endfragment
@fragment('clock-says')<aside class="beside" id="clock-says" aria-label="What the clock says">
    <form method="post" action="{{ route('meal.begin') }}" class="no-print">@csrf<button class="act" name="dishes[]" value="{{ $dish->id
        }}">Put it on a table</button></form>
    <p class="strong-figure">{{ intdiv(-$attended, 60) }}:{{ sprintf('%02d', -$attended % 60) }}</p>
    <p>in the kitchen, from {{ $say->time($plan->day->at($attended)) }}@if ($first < $attended); first work at {{
        $say->time($plan->day->at($first)) }}@endif</p>
    <p class="ruled">Begun now it is on the table at <strong>{{ $say->time($plan->day->tableAt) }}</strong>. A day, a time and other dishes
        are a meal's.</p>
    @foreach ($plan->clashes as $clash)
        <div class="clash ruled" role="status"><p>{{ $clash->says }}</p>
            @foreach ($clash->mends as $mend)
                <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label
                    }}</button>
            @endforeach
        </div>
    @endforeach
    @foreach ($plan->kitchen->equipment->rings as $ring)
        <p class="ruled"><strong>{{ $ring->name }}</strong> is in use for {{ $plan->day->schedule->heldMinutes("ring:{$ring->id}") }}
            min.</p>
    @endforeach
    <p class="ruled"><strong>Your hands</strong> are needed for {{ $plan->day->schedule->heldMinutes('hands') }} min.</p>
    @if ($waits !== null)
    <p class="ruled">Drained rice waits <strong>{{ $waits }} min</strong> for its lid, of at most {{
        $plan->dish->craft->work->waits('drain') }}.</p>
    @endif
</aside>@endfragment
