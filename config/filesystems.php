<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Not served: files go out through routes that know whose they are.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
