<?php

declare(strict_types=1);

return [
    'seen' => '{minute} دقیقه پس از بستن در: {says}.',
    'turned' => '{minute} دقیقه پس از بستن در: {sprinkledMl, plural, =0{} other{# میلی‌لیتر آب داغ روی برنج، }}طبق گفته روی {heat} گذاشته شد، {minutes} دقیقهٔ دیگر؛ ته‌دیگ {came} درآمد، بی‌دست‌زدن {would} می‌شد.',
];
