<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 30,
    'cookie' => 'orbek-session',
    'same_site' => 'lax',
];
