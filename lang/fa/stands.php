<?php

declare(strict_types=1);

return [
    'on-time' => '{minutes, plural, =0{سر وقت} other{برای آن‌ها که # دقیقه دیر می‌رسند سر وقت}}',
    'later' => '{isOfToday, select, yes{{minutes} دقیقه دیرتر از برنامه} other{برای {day} ساعت {at} برنامه شده}}',
    'pushed' => '{minutes} دقیقه دیرتر از برنامه: «{task}»{isOneOfSeveral, select, yes{ از {dish}} other{}} {runs, select, yes{تا {at} طول می‌کشد} other{هنوز شروع نشده}}',
    'another-pair' => 'یک نفر دیگر: {minutes} دقیقه برمی‌گردد',
    'under-pressure' => 'در زودپز: {minutes} دقیقه برمی‌گردد',
];
