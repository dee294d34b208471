<?php

declare(strict_types=1);

return [
    'right' => 'بله: {stage}، {percent}٪ پخته.',
    'wrong' => '{stage}، {percent}٪ پخته؛ شما گفتید {answered}.',
    'far' => '{near, select, yes{نزدیک بود: } other{}}{stage}، {percent}٪ پخته؛ شما {points, plural, =0{درست همین را} one{# درصد {more, select, yes{بیشتر} other{کمتر}}} other{# درصد {more, select, yes{بیشتر} other{کمتر}}}} گفتید.',
    'lifted' => 'در قابلمه {points, plural, one{# درصد} other{# درصد}} {past, select, yes{از} other{کمتر از}} مرحله‌اش {past, select, yes{گذشته} other{}} است. درستش {rightAt} بود؛ این کیسه {percent}٪ {fast, select, yes{تندتر} other{کندتر}} است.',
];
