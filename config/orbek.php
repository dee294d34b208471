<?php

declare(strict_types=1);

return [
    // The practice clock and the other stand-ins for outside devices can be steered by anyone who
    // can open the page: on for a demo at home and for tests.
    'stand_ins' => (bool) env('ORBEK_STAND_INS', false),
    'timezone' => env('ORBEK_TIMEZONE', 'UTC'),
];
