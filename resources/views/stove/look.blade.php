{{-- The look that ends a step, from when on it can be there. --}}
<div data-shown-from="{{ $asked->from->getTimestamp() }}" data-calls-look="{{ $say->first($asked->look) }}?" hidden>
    <h2 id="look">{{ $say->first($asked->look) }}?</h2>
    <div class="asks" role="group" aria-labelledby="look">
        <button type="button" class="act main" data-event="done" data-subject="{{ $task->task }}">Yes</button>
        <button type="button" data-event="lengthened" data-subject="{{ $task->task }}" data-minutes="{{ $asked->moreMin }}">Not yet: {{
            $asked->moreMin }} min more</button>
        @if ($asked->underPressureMin !== null)<button type="button" data-event="lengthened" data-subject="{{ $task->task }}"
            data-ends_in="{{ $asked->underPressureMin }}">Under pressure instead: {{ $asked->underPressureMin }} min</button>@endif
        <button type="button" data-event="done" data-subject="{{ $task->task }}" data-how="too-far">Too far</button>
    </div>
</div>
