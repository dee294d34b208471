<?php

declare(strict_types=1);

return [
    'late' => '{minutes} دقیقه دیر، حرارت کم ادامه دارد',
    'other-crust' => 'ته‌دیگ {colour} درمی‌آید، نه {before}',
    'rice-not-done' => 'برنج تا آخر نمی‌پزد',
    'rice-at-another-time' => 'برنج {minutes} دقیقه {isLater, select, yes{دیرتر} other{زودتر}} می‌پزد',
    'other-steam' => '{grams} گرم بخار {isMore, select, yes{بیشتر} other{کمتر}} بیرون می‌رود',
    'changes-nothing' => '{what}: چیز مهمی عوض نمی‌شود.',
    'turned' => '{sprinkledMl, plural, =0{} other{# میلی‌لیتر آب داغ پاشیده شد، }}روی {heat} گذاشته شد',
    'opened' => 'باز شد',
    'changes' => '{what}: {says}.',
];
