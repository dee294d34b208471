{{-- What else a look can say, from when on it can be there. --}}
<div class="asks" role="group" aria-labelledby="look" data-shown-from="{{ $asked->from->getTimestamp() }}" hidden>
    <button type="button" data-event="lengthened" data-subject="{{ $task->task }}" data-minutes="{{ $asked->moreMin }}">Not yet: {{
        $asked->moreMin }} min more</button>
    @if ($asked->underPressureMin !== null)<button type="button" data-event="lengthened" data-subject="{{ $task->task }}"
        data-ends_in="{{ $asked->underPressureMin }}">Under pressure instead: {{ $asked->underPressureMin }} min</button>@endif
    @if ($asked->underPressureMin !== null)<p class="small">{{ $say->label(Orbek\Core\Care\Caution::PressureCooker, 'says') }}</p>@endif
    <button type="button" data-event="done" data-subject="{{ $task->task }}" data-how="too-far">Too far</button>
</div>
