{{-- What one guest may have of the table; said to be all of it only when all is known. --}}
<span>{{ $th('pages/meal.guest', who: $one->guest->who, diet: $one->guest->diet, hasAvoids: $one->guest->avoids !== [], avoids:
    $say->list(array_map(fn ($a) => $say->label($a), $one->guest->avoids)), isSmall: $one->guest->isSmallChild, mayEatAll:
    $one->mayEatAll(), isWarned: $one->warnings !== [], warnings: array_map(fn ($warned) => $warned[0].' ('.$say($warned[1]).')',
    $one->warnings), isUnknown: $one->unknown !== [], unknown: $one->unknown) }}</span>
