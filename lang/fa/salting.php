<?php

declare(strict_types=1);

return [
    'salt-to-taste' => '{taste} نمک بزنید: {gPerL} در لیتر',
    'salt-as-noted' => 'طبق یادداشت‌های شما، {percent, number, ::.00}٪: {gPerL} در لیتر',
    'where-it-is' => '{riceG, number, ::.0} گرم در برنج می‌ماند، {fillingG, number, ::.0} گرم در خورش است ({saltGPerKg} گرم در کیلو)، در {eatenG} که خورده می‌شود: {percent}.',
    'sodium' => '{sodiumMgPerG} میلی‌گرم سدیم در هر بشقاب، از {servings}. کمتر از ۰٫۶٪ بی‌نمک است، ۰٫۷ تا ۱٫۰٪ معمولی، بالای ۱٫۲٪ شور.',
];
