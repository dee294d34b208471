<?php

declare(strict_types=1);

return [
    'changed' => '{field}: {is}، پیش‌تر {was}',
    'not-told' => 'گفته نشده',
    'flag' => '{value, select, yes{بله} other{نه}}',
];
