<?php

declare(strict_types=1);

return [
    'not-soaked' => 'not soaked',
    'soaked' => 'soaked {minutes} at {celsius} °C',
];
