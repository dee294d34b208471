<?php

declare(strict_types=1);

return [
    'scatters' => 'گفته‌های شما {points} درصد پراکنده است، {closer, select, yes{نزدیک‌تر از} other{پراکنده‌تر از}} ۶ درصدِ آشپز معمولی: بازه‌ها پای اجاق از روی آن است',
    'leans-nowhere' => 'به هیچ سو متمایل نیست',
    'leans' => 'شما دانه را {points} درصد {early, select, yes{پخته‌تر می‌خوانید: کمی زود} other{خام‌تر می‌خوانید: کمی دیر}}؛ اُربِک حسابش را دارد',
];
