<?php

declare(strict_types=1);

return [
    'bag-untaught' => 'از این کیسه هنوز چیزی دانسته نیست، پس مثل نوعش حساب می‌شود',
    'bag-as-its-kind' => 'این کیسه مثل نوعش می‌پزد',
    'bag-off-its-kind' => 'این کیسه {percent}٪ {isFaster, select, yes{تندتر} other{کندتر}} از نوعش می‌پزد',
    'ring-untaught' => 'از این قابلمه روی این شعله هنوز چیزی دانسته نیست، پس مثل نوعش حساب می‌شود',
    'ring-as-its-kind' => 'این قابلمه روی این شعله مثل نوعش گرم می‌شود',
    'ring-off-its-kind' => 'این قابلمه روی این شعله {percent}٪ {isLess, select, yes{کمتر} other{بیشتر}} از نوعش حرارت می‌گیرد',
];
