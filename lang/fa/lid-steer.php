<?php

declare(strict_types=1);

return [
    'told' => '{sprinkledMl, plural, =0{} other{# میلی‌لیتر آب داغ روی برنج بپاشید و ببندید. }}{isWaiting, select, yes{روی حرارت بماند: هنوز بخاری دیده نشده. {minutes, plural, other{# دقیقهٔ}} دیگر روی {heat}} other{{stay, plural, =0{{isSame, select, yes{{minutes, plural, =0{همین حالا از روی حرارت بردارید} one{# دقیقهٔ دیگر از روی حرارت بردارید} other{# دقیقهٔ دیگر از روی حرارت بردارید}}} other{{minutes, plural, =0{همین حالا از روی حرارت بردارید} one{همین حالا روی {heat} بگذارید، بعد # دقیقه} other{همین حالا روی {heat} بگذارید، بعد # دقیقه}}}}} other{# دقیقهٔ دیگر روی {on} بماند، بعد {minutes, plural, other{# دقیقه}} روی {heat}}}}}',
    'left' => '{stay, plural, =0{{minutes, plural, =0{همین حالا از روی حرارت} other{# دقیقه روی {heat}}}} other{# دقیقه روی {on}، بعد {minutes, plural, other{# دقیقه}} روی {heat}}}',
    'sure' => 'در {right} از {samples} حالتی که ممکن است درست درمی‌آید؛ اگر دست نزنید در {was}.',
    'later' => '{minutes, plural, one{# دقیقه دیرتر از برنامه برداشته می‌شود} other{# دقیقه دیرتر از برنامه برداشته می‌شود}}.',
    'sooner' => '{minutes, plural, one{# دقیقه زودتر برداشته می‌شود} other{# دقیقه زودتر برداشته می‌شود}} و همان‌قدر بیشتر می‌تواند بماند.',
    'as-planned' => 'حرارت همین‌طور بماند: در {right} از {samples} حالتی که ممکن است درست درمی‌آید.',
    'look-then' => '{minutes, plural, one{# دقیقه} other{# دقیقه}} پس از بخار به لبه نگاه کنید.',
    'look' => 'نگاه {minutes, plural, =0{همین حالا} one{# دقیقهٔ دیگر} other{# دقیقهٔ دیگر}} بیش از همه می‌گوید.',
];
