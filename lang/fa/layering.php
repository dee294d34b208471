<?php

declare(strict_types=1);

return [
    'pressed' => 'فشرده و هموار، تا دیواره',
    'spread' => 'پهن و پوک، نفشرده',
    'heaped' => 'تپه در میان، نفشرده',
    'level' => 'هموار و پوک، نفشرده',
    'clear-of-the-wall' => 'دور از دیواره',
    'not-its-gravy' => 'بی‌آبِ خورش',
    'holes' => '{holes, plural, one{# سوراخ} other{# سوراخ}} تا ته{isFilled, select, yes{؛ در هر کدام {fat}} other{}}',
];
