{{-- What one guest may have of the table; said to be all of it only when all is known. --}}
<span><strong>{{ $one->guest->who }}</strong>{{ $comma }}{{ $say->label($one->guest->diet) }}@if ($one->guest->avoids !== []){{
    $t('pages/meal.no',
    say: $say->list(array_map(fn ($a) => $say->label($a), $one->guest->avoids))) }}@endif{{ $t('pages/meal.is-a-small-child', isSmall:
        $one->guest->isSmallChild) }} @if ($one->mayEatAll()){{ $t('pages/meal.may-eat-all') }}@else{{ $t('pages/meal.guest-cares',
        isWarned: $one->warnings !== [], warnings: array_map(fn ($warned) => $warned[0].' ('.$say($warned[1]).')', $one->warnings),
        isUnknown: $one->unknown !== [], unknown: $one->unknown) }}@endif</span>
