{{-- What one guest may have of the table; said to be all of it only when all is known. --}}
<span><strong>{{ $one->guest->who }}</strong>, {{ $say->label($one->guest->diet) }}@if ($one->guest->avoids !== []), no {{
    $say->list(array_map(fn ($a) => $say->label($a), $one->guest->avoids)) }}@endif{{ $one->guest->isSmallChild ? ', a small child' : ''
    }}: @if ($one->mayEatAll())may eat all of it.@else{{ $one->warnings === [] ? '' : 'not without care: '.implode(', ', array_map(fn
    ($warned) => $warned[0].' ('.$say($warned[1]).')', $one->warnings)).'. ' }}{{ $one->unknown === [] ? '' : 'Nothing is known of '
    .$say->list($one->unknown).'.' }}@endif</span>
