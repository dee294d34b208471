<?php

declare(strict_types=1);

return [
    'usual/eaters' => 'نفر',
    'usual/children' => 'بچه',
    'usual/plates' => 'بشقاب',
    'usual/leftovers' => 'بشقاب برای بعد',
    'serve_at' => 'سر سفره',
    'eaters' => 'نفر',
    'children' => 'بچه',
    'hands' => 'دست در کار',
    'rice/lot' => 'برنج',
    'rice/rinses' => 'شستن',
    'rice/soak/minutes' => 'خیساندن، دقیقه',
    'rice/soak/celsius' => 'خیساندن، درجه',
    'rice/soak/salt_g_per_l' => 'نمک خیساندن، گرم در لیتر',
    'water/pot' => 'قابلمهٔ جوش',
    'water/burner' => 'شعلهٔ جوش',
    'water/per_rice' => 'آب به برنج',
    'water/salt_g_per_l' => 'نمک آب، گرم در لیتر',
    'water/stage' => 'هدف',
    'water/drain' => 'پس از آبکش',
    'fillings/0/ready' => 'پختگی خورش',
    'fillings/0/wetness' => 'خورش',
    'base/kind' => 'ته‌دیگ',
    'mound' => 'تپه',
    'steam_holes' => 'سوراخ بخار',
    'lid/pot' => 'قابلمهٔ دم',
    'lid/burner' => 'شعلهٔ دم',
    'lid/seal' => 'بستن در',
    'serve' => 'کشیدن',
];
