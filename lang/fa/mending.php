<?php

declare(strict_types=1);

return [
    'surer' => '{mend}: در {right} آشپزخانه از {of} تا درست درمی‌آید، نه در {now} تا',
    'less-goes-wrong' => '{mend}: کمتر خراب می‌شود',
    'the-heat-found' => 'حرارتی را که برای این قابلمه پیدا شد بگیرید',
    'in-the-pot' => 'در {pot} دم کنید',
    'on-the-ring' => 'روی {ring} دم کنید',
    'sealed-with' => 'با {seal} ببندید',
    'a-crust' => 'ته‌دیگِ {colour} بخواهید',
    'water-over' => 'پیش از گذاشتن در {millilitres} میلی‌لیتر آب داغ روی برنج بریزید',
    'filling' => 'خورش را {wetness} بچینید',
    'lifted' => 'وقتی بردارید که دانه {stage}',
    'drained' => 'پس از آبکش: {draining}',
];
