<?php

declare(strict_types=1);

return [
    'burns' => 'کف از دقیقهٔ {at} می‌سوزد.',
    'dark' => 'ته‌دیگ از دقیقهٔ {at} از {crust} می‌گذرد: در پایان {colour}.',
    'pale' => 'ته‌دیگ {colour} می‌ماند؛ {crust} می‌خواستید.',
    'thin-crust' => 'ته‌دیگ خوب خشک نمی‌شود ({mm, number, ::.0} میلی‌متر) و هنگام برگرداندن پاره می‌شود.',
    'hard-heart' => '{which} مغزدار می‌ماند: {done}٪ پخته.{isCold, select, yes{ میانش هرگز به بخار نمی‌رسد: دست‌بالا {hottest} درجه.} other{}}',
    'unsteamed' => 'روی برنج {minutes, plural, =0 {هیچ} one {# دقیقه} other {# دقیقه}} در بخار است؛ کمتر از پنج دقیقه یعنی گرم شده، نه دم کشیده.',
    'dry-rice' => '{which} خشک درمی‌آید: {uptake, number, ::.00} برابر وزن خامش.',
    'wet-rice' => '{which} آبدار درمی‌آید: {isFree, select, yes{{free}٪ وزنش آبی است که نمی‌گیرد.} other{{uptake, number, ::.00} برابر وزن خامش.}}',
    'unsafe-core' => '{filling}: مغزش فقط به {coreC} درجه می‌رسد؛ {safeC} درجه بی‌خطر است.',
    'tough' => '{filling} هنوز نرم نیست: {done}٪ راه.',
    'falls-apart' => '{filling} از دقیقهٔ {at} {hasBite, select, yes{زیادی نرم می‌شود} other{از هم می‌پاشد}}.',
    'the-lowest-rice' => 'پایین‌ترین لایهٔ برنج',
    'the-rice-above' => 'برنجِ رو',
    'the-rice' => 'برنج',
];
