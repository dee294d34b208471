<?php

declare(strict_types=1);

return [
    'by-itself' => '{dish} تنها، برای {eaters}',
    'table' => 'سفره',
    'put-it-on-a-table' => 'سر سفره بگذارید',
    'in-the-kitchen-from' => 'در آشپزخانه، از {day}',
    'first-work' => '؛ اولین کار {day}',
    'begun-now' => 'اگر حالا شروع شود <strong>{tableAt}</strong> سر سفره است. روز و ساعت و غذاهای دیگر مالِ وعده است.',
    'is-in-use-for-min' => '<strong>{ring}</strong> {heldMinutes, plural, =0{آزاد است} other{# دقیقه گرفته است}}.',
    'your-hands-are-needed-for-min' => '<strong>دست‌های شما</strong> {heldMinutes} دقیقه لازم است.',
    'drained-rice-waits-min' => 'برنج آبکش <strong>{waits} دقیقه</strong> منتظرِ در می‌ماند، از دست‌بالا {most}.',
    'what-the-clock-says' => 'ساعت چه می‌گوید',
    'it-was-made-for-other-things' => '<strong>برای چیزهای دیگری ساخته شده بود و به آنچه اینجاست برده شد:</strong> {number}.',
    'take-it-back' => 'برگردان',
    'is-set-up-this-dish' => '{it} برپا شد. این غذا در آن برنامه می‌شود؛ برای عوض کردن روی کلمه‌ای بزنید.',
    'close' => 'بستن',
    'make-my-change-now' => 'تغییرم را همین حالا بده',
    'clock' => 'ساعت',
    'task-line' => '<strong>{task}</strong> {minutes} دقیقه{hasRing, select, yes{، {ring}} other{}}{hasDetail, select, yes{؛ {detail}} other{}}',
    'hands' => '{pair, plural, =0{دست‌ها} other{دست‌های #}}',
    'on-its-own' => 'خودش',
    'oven' => '{isNamed, select, yes{{oven}} other{فر}}',
];
