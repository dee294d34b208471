<?php

declare(strict_types=1);

// What is called so where nobody gave it a name.
return [
    'cooker' => 'پلوپز، {cups} پیمانه',
    'dish' => 'غذای اول: {school}',
    'kitchen' => 'آشپزخانهٔ ما',
    'mark' => '{mark, select, pearl{شمعک} small{کوچک} half{نیم} full{پُر} low{کم} medium{متوسط} high{زیاد} large{بزرگ} boost{تند} other{{mark}}}',
    'new-dish' => 'غذای تازه: {school}',
    'oven' => 'فر',
    'plate' => '{isDiffuser, select, yes{شعله‌پخش‌کن} other{تابهٔ آهنی}}',
    'pot' => 'قابلمهٔ {material} {acrossCm} سانتی، {litres} لیتر',
    'recipe' => 'یک دستور',
    'ring' => 'شعلهٔ {number}',
];
