<?php

declare(strict_types=1);

return [
    'right' => 'خوب',
    'layer-the-filling' => 'خورش را {wetness} بچینید',
    'sprinkle' => 'پیش از گذاشتن در رویش آب بپاشید',
    'seal-with' => 'با {seal} ببندید',
    'sprinkle-nothing' => 'چیزی نپاشید',
    'right-on-the-firm-side' => 'خوب، رو به سفت',
    'on-the-wet-side' => 'رو به آبدار',
    'too-dry' => 'زیادی خشک',
    'too-wet' => 'زیادی آبدار',
];
