@fragment('clock-ropes')<div class="ropes" id="clock-ropes">
    <h1>{{ $t('pages/clock.by-itself', dish: $dish->name, eaters: $plan->dish->table->eaters) }}</h1>
    <x-drawing.clock :$plan />
    <ol class="told">
        @foreach ($plan->day->tasks as $id => $work)
            <li><span class="time">{{ $say->time($plan->day->startsAt($id)) }}</span> {{ $th('pages/clock.task-line', task: $work->name,
                minutes: $work->task->minutes, hasRing: $work->task->ring() !== null, ring: $work->task->ring() === null ? '' :
                $plan->kitchen->ring($work->task->ring(), 'burner')->name, hasDetail: $work->detail !== null, detail: $work->detail ?? '')
                }}</li>
        @endforeach
        <li><span class="time">{{ $say->time($plan->day->tableAt) }}</span> <strong>{{ $t('pages/clock.table') }}</strong></li>
    </ol>
</div>@endfragment
@fragment('clock-says')<aside class="beside" id="clock-says" aria-label="{{ $t('pages/clock.what-the-clock-says') }}">
    <form method="post" action="{{ route('meal.begin') }}" class="no-print">@csrf<button class="act" name="dishes[]" value="{{ $dish->id
        }}">{{ $t('pages/clock.put-it-on-a-table') }}</button></form>
    <p class="strong-figure">{{ $say->hours(-$attended) }}</p>
    <p>{{ $t('pages/clock.in-the-kitchen-from', day: $say->time($plan->day->at($attended))) }}@if ($first < $attended){{
        $t('pages/clock.first-work', day: $say->time($plan->day->at($first))) }}@endif</p>
    <p class="ruled">{{ $th('pages/clock.begun-now', tableAt: $say->time($plan->day->tableAt)) }}</p>
    @foreach ($plan->clashes as $clash)
        <div class="clash ruled" role="status"><p>{{ $clash->says }}</p>
            @foreach ($clash->mends as $mend)
                <button type="button" class="mend" data-mend data-path="{{ $mend->path }}" data-value='@json($mend->value)'>{{ $mend->label
                    }}</button>
            @endforeach
        </div>
    @endforeach
    @foreach ($plan->kitchen->equipment->rings as $ring)
        <p class="ruled">{{ $th('pages/clock.is-in-use-for-min', ring: $ring->name, heldMinutes:
            $plan->day->schedule->heldMinutes("ring:{$ring->id}")) }}</p>
    @endforeach
    <p class="ruled">{{ $th('pages/clock.your-hands-are-needed-for-min', heldMinutes: $plan->day->schedule->heldMinutes('hands')) }}</p>
    @if ($waits !== null)
    <p class="ruled">{{ $th('pages/clock.drained-rice-waits-min', waits: $waits, most: $plan->dish->craft->work->waits('drain')) }}</p>
    @endif
</aside>@endfragment
