<?php

declare(strict_types=1);

return [
    'more-likely-than-not' => 'بیش از نیمی از وقت‌ها',
    'one-time-in-three-or-more' => 'یک بار از سه بار یا بیشتر',
    'one-time-in-five-or-so' => 'یک بار از پنج بار',
    'nothing-goes-wrong' => 'در هیچ‌یک از {samples} آشپزخانه خراب نمی‌شود.',
    'risk' => '{fault}: {often} ({times} از {samples}).',
    'almost-surely' => 'کم‌وبیش همیشه',
    'hardly-ever' => 'کم‌وبیش هیچ‌وقت',
];
