<?php

declare(strict_types=1);

return [
    'of-a-dish' => '{dish}: {says}',
    'has-passed' => '{at} روز {day} گذشته است.',
    'hour-is-skipped' => 'آن شب ساعت {said} وجود ندارد: ساعت‌ها جلو می‌رود. سفره ساعت {at} است.',
    'hour-comes-twice' => 'آن شب ساعت {said} دو بار می‌آید، چون ساعت‌ها عقب می‌رود؛ بارِ {isFirst, select, yes{اول} other{دوم}} حساب می‌شود.',
    'too-little-time' => 'وقت کم است: کار {takes} دقیقه می‌خواهد و سفره {left} دقیقهٔ دیگر است.',
    'serve-at' => 'ساعت {at}{isSameDay, select, yes{} other{ روز {day}}} بکشید',
    'serve-tomorrow-at' => 'فردا ساعت {at} بکشید',
    'does-not-fit' => '{hands, plural, one{یک نفر} other{# نفر}} با این شعله‌ها و قابلمه‌ها نمی‌تواند همه را با هم داغ برساند؛ در زیر، بدون توجه به آنچه باید پشت سر هم بیاید چیده شده است.',
    'want-one-ring' => '{dishes} همه تا سفره {ring} را می‌خواهند؛ از {rings, plural, one{یک شعله} other{# شعله}} هر قابلمهٔ دربسته یکی می‌خواهد، یا زودتر آماده می‌شود و در فر می‌ماند.',
    'could-be-shorter' => 'چه چیزی کوتاهش می‌کند:',
    'more-hands' => '{hands, plural, one{یک نفر می‌پزد} other{# نفر می‌پزید}}',
    'short-of' => '{ring} از {from} تا {to} دقیقه پیش از سفره گرفته است؛ یک شعلهٔ دیگر',
    'keep-in-the-oven' => '{dish} تا سفره در فر بماند',
    'salt-of' => '{dish}: {salt} گرم در هر بشقاب.',
    'salt-a-day' => 'فقط از غذاها، مخلفات به حال خود؛ بیشترِ توصیه‌ها ۵ گرم در روز است.',
    'without-pins' => 'سنجاق‌شده را رها کن',
    'plates-change' => '{dish}: برنجش در آب است؛ هر بشقاب {percent}٪ پیشین می‌شود.',
    'rice-changes' => '{dish}: حالا {rice} برنج، پیش‌تر {before}؛ بقیه به همان نسبت.',
    'so-many-cook' => 'از این به بعد {hands, plural, =1 {یک نفر می‌پزد} other {# نفر می‌پزند}}.',
    'nothing-changes' => 'هیچ غذایی با آن عوض نمی‌شود.',
    'no-ring-left' => '{dish}: شعله‌ای نمانده؛ قابلمهٔ دربسته می‌تواند در فر ۱۶۰ درجه ادامه دهد، دو برابرِ زمان.',
    'move-the-pot' => '{dish}: شعله‌اش خاموش است و تا روی شعلهٔ دیگری ({rings}) نگذارید و نگویید، چیزی گرمش نمی‌کند.',
    'on-another-ring' => '{dish}: روی {ring} ادامه می‌یابد. {faults}',
    'ring-told' => '{dish}: دقیقه‌های جوش آب می‌گوید {ring} {isMore, select, yes{بیشتر} other{کمتر}} از آنچه گمان می‌رفت حرارت می‌دهد. {isSame, select, yes{حرارتِ دم طبق برنامه می‌ماند.} other{برای دم حالا {heat} است، نه {before}.}} {faults}',
    'left-out' => '{dish} کنار گذاشته شد؛ آنچه گرفته بود آزاد است.',
];
