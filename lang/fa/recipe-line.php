<?php

declare(strict_types=1);

return [
    'no-amount' => 'مقداری خوانده نشد',
    'weighed-for-nothing' => 'وزنش هست، اما اینجا چیزی نمی‌گوید برای چیست',
    'weighed' => 'وزن‌شده',
    'by-volume' => '{amount} میلی‌لیتر، هر لیتر {each} کیلو',
    'of-them-of-unknown-weight' => '{amount} تا، وزنش دانسته نیست',
    'volume-unknown' => '{amount} میلی‌لیتر، وزنش دانسته نیست',
    'to-taste' => 'با خودتان',
    'between' => 'میان {low} و {high}{unit, select, g{ گرم} ml{ میلی‌لیتر} piece{} other{ ({unit})}}: میانه‌اش گرفته می‌شود',
    'by-measure' => 'یک {measure} از آن {each} گرم',
    'leave-it-out' => 'کنارش بگذار',
    'counted' => 'شمرده، هر کدام {each} گرم',
    'the-rice' => 'برنج',
    'filling' => 'خورش: {kind}',
    'topping' => 'در کنار: {kind}',
];
