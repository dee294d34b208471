<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_PATH', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_PATH', storage_path('framework/cache/data')),
        ],
        // Drawings of lists, made anew after an update: ./orbek start clears it.
        'drawn' => [
            'driver' => env('CACHE_STORE', 'file') === 'array' ? 'array' : 'file',
            'serialize' => false,
            'path' => env('CACHE_PATH', storage_path('framework/cache')).'/drawn',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'orbek-',
];
