<?php

declare(strict_types=1);

return [
    'never' => 'never',
    'steam-minute' => '{steamAtLidMin, number, ::.} min',
    'steam-at-the-lid' => 'steam at the lid',
    'done' => '{doneness} % done, {texture} ({uptake, number, ::.00})',
    'filling' => 'core {coreC} °C, {tenderness, number, ::.0} times tender',
    'crust' => 'crust',
    'browning' => 'browning',
    'browned' => '{browning, number, ::.00}',
    'steam-lost' => 'steam lost',
    'lost' => '{leak}',
    'minutes' => 'minutes',
    'count' => '{minutes}',
    'layer' => 'layer {number}, {layer}',
];
