<?php

declare(strict_types=1);

return [
    'boil-and-steam-on-one-ring' => 'جوش و دم روی یک شعله',
    'cannot-follow' => '«{task}» با این شعله‌ها و یک نفر نمی‌تواند {mostMin, plural, =0{بی‌درنگ} other{تا # دقیقه}} پس از «{after}» بیاید.',
];
