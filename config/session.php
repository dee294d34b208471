<?php

declare(strict_types=1);

return [
    // Where members sign in the database keeps them: a device that is signed out is out at once.
    'driver' => env('SESSION_DRIVER', 'file'),
    'table' => 'sessions',
    'files' => env('SESSION_FILES', storage_path('framework/sessions')),
    // A phone is remembered for 180 days.
    'lifetime' => (int) env('SESSION_LIFETIME', 60 * 24 * 180),
    'cookie' => 'orbek-session',
    'http_only' => true,
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'same_site' => 'lax',
];
