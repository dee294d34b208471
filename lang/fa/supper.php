<?php

declare(strict_types=1);

return [
    'lifted' => 'برنج پس از {at} برداشته شد؛ درستش {right} بود{late, select, yes{: دیر} other{}}',
    'heated' => 'حرارت اول {first, number, ::.0} دقیقه از {whole} دقیقه طول کشید؛ برای این قابلمه {best, number, ::.0} از {bestWhole} بهترین بود',
    'opened' => 'در {times, plural, one{یک بار} other{# بار}} برداشته شد',
    'served' => '{isLate, select, yes{{late, plural, one{# دقیقه} other{# دقیقه}} پس از مهمان‌ها سر سفره} other{{late, plural, =0{همراه مهمان‌ها سر سفره} one{یک دقیقه پیش از مهمان‌ها سر سفره} other{# دقیقه پیش از مهمان‌ها سر سفره}}}}{guests, plural, =0{} other{، که # دقیقه دیرتر از قرار آمدند}}',
    'in-time' => 'کسی منتظر نماند',
    'the-food-waited' => 'غذا {early} دقیقه ماند',
    'they-waited' => 'آن‌ها {late} دقیقه منتظر ماندند',
    'otherwise' => 'وگرنه ته‌دیگ {colour} و برنج {uptake} درمی‌آمد',
    'cost-nothing' => 'ضرری نداشت',
    'best-from-there' => 'از اولین باری که حرارت عوض شد، {longer, plural, =0{دیگر هیچ} other{# دقیقهٔ دیگر}}، روی هم {minutes} دقیقه بهترین بود: ته‌دیگ {colour}، برنج {uptake}.',
];
