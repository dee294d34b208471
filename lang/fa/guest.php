<?php

declare(strict_types=1);

return [
    'meat-or-fish' => 'گوشت یا ماهی: {meat}',
    'spices-and-bones' => 'ادویهٔ درسته که در برنج مانده، و استخوان',
    'bones' => 'استخوان: از بشقاب بچهٔ کوچک بردارید',
    'holds' => '{allergen} در {where}',
];
