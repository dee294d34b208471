{{-- What else a look can say, from when on it can be there. --}}
<div class="asks" role="group" aria-labelledby="look" data-shown-from="{{ $asked->from->getTimestamp() }}" hidden>
    <button type="button" data-event="lengthened" data-subject="{{ $task->task }}" data-minutes="{{ $asked->moreMin }}">{{
        $t('pages/stove.not-yet-min-more', moreMin: $asked->moreMin) }}</button>
    @if ($asked->underPressureMin !== null)<button type="button" data-event="lengthened" data-subject="{{ $task->task }}"
        data-ends_in="{{ $asked->underPressureMin }}">{{ $t('pages/stove.under-pressure-instead-min', underPressureMin:
            $asked->underPressureMin) }}</button>@endif
    @if ($asked->underPressureMin !== null)<p class="small">{{ $say->label(Orbek\Core\Care\Caution::PressureCooker, 'says') }}</p>@endif
    <button type="button" data-event="done" data-subject="{{ $task->task }}" data-how="too-far">{{ $t('pages/stove.too-far') }}</button>
</div>
