<?php

declare(strict_types=1);

return [
    'of-the-raw-rice' => '{kg} برابر برنج خام؛ هنگام چیدن {layeredMass}، آبش کشیده شده.',
    'what-is-weighed' => 'ته‌دیگ، برنج با آبی که دارد، و خورش، بدون قابلمه.',
    'how-high' => '{pot} از درون {heightCm, number, ::.0} سانتی‌متر بلند است؛ غذا حدود {layeredCm, number, ::.0} سانتی‌متر چیده می‌شود و دم‌کشیده {topCm, number, ::.0} سانتی‌متر است.',
    'free-height' => 'بخار برای گردش {freeCm} سانتی‌متر زیر در می‌خواهد.',
    'schools-heat' => 'حرارتِ خودِ این مکتب، برای {baseCm2} سانتی‌متر مربع کف روی {ring}.',
    'own-heat' => 'حرارتی که خودتان گذاشتید.',
    'open-and-carry' => '{minutes} دقیقه برای باز کردن و آوردن، شمرده از سفرهٔ ساعت {tableAt}.',
    'shares' => '{parts}: {shares} سهمِ {gramsPerAdult} گرمی.',
    'in-cups' => 'یعنی {volume, number, ::.0} {cup} برنج خام.',
    'leak' => 'از بخاری که به در می‌رسد، {seal} {leakShare}٪ را بیرون می‌دهد.',
    'drips-back' => 'بقیه می‌چکد، جز آنچه دم‌کنی می‌گیرد.',
    'dough-rope' => 'نوار خمیر {rope} سانتی‌متر بلند و ۱٫۵ سانتی‌متر کلفت است: {doughG} گرم خمیر.',
    'past-the-eighth' => 'هر نفر پس از هشتمی ۸۵٪ حساب شده',
    'for-later' => 'و {leftovers} برای بعد',
    'people' => '{eaters, plural, one{# نفر} other{# نفر}}',
    'children' => '{children, plural, one{# نفرشان بچه} other{# نفرشان بچه}}، نصف سهم',
    'heat-line' => '{stretches}.',
    'heat' => '{minutes} {heat}',
    'found-heat' => 'برای {pot} روی {ring} پیدا شد: از میان آن‌ها که کمی بلندتر از کوتاه‌ترین است، این بیش از همه درست درمی‌آید.',
];
