<?php

declare(strict_types=1);

return [
    'the-heat-found' => 'حرارتی را که برای این قابلمه پیدا شد بگیرید، با نشانه‌اش',
    'keep-to-the-cue' => 'در غذا چیزی عوض نشود: منتظر نشانهٔ حرارت اول بمانید، و جایی که ندارد زمان بگیرید',
    'as-it-is-planned' => 'هیچ: همین برنامه، با نشانه‌هایش، همین را می‌خواهد',
    'another-heat' => 'حرارت دیگری ({heats}): {first, plural, =0{حرارت اول به همان اندازه} other{حرارت اول {first, number, +0;-0} دقیقه}}، {low, plural, =0{بعد به همان اندازه} other{بعد {low, number, +0;-0} دقیقه}}',
    'after-the-cue' => '{minutes, number, ::.0} دقیقه {more, select, yes{بیشتر} other{کمتر}} پس از {till}{low, plural, =0{} other{، {low, number, ::.0} دقیقه {lowMore, select, yes{بیشتر} other{کمتر}} روی حرارت کم}}',
    'minutes' => '{first, plural, =0{} other{حرارت اول {first, number, ::.0} دقیقه {firstMore, select, yes{بیشتر} other{کمتر}}}}{low, plural, =0{} other{{first, plural, =0{} other{، }}حرارت کم {low, number, ::.0} دقیقه {lowMore, select, yes{بیشتر} other{کمتر}}}}',
];
