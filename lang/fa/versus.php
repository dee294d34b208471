<?php

declare(strict_types=1);

return [
    'never' => 'هرگز',
    'steam-minute' => '{steamAtLidMin, number, ::.} دقیقه',
    'steam-at-the-lid' => 'بخار زیر در',
    'done' => '{doneness}٪ پخته، {texture} ({uptake, number, ::.00})',
    'filling' => 'مغز {coreC} درجه، {tenderness, number, ::.0} برابر نرم',
    'crust' => 'ته‌دیگ',
    'browning' => 'رنگ گرفتن',
    'browned' => '{browning, number, ::.00}',
    'steam-lost' => 'بخار بیرون‌رفته',
    'lost' => '{leak}',
    'minutes' => 'دقیقه',
    'count' => '{minutes}',
    'layer' => 'لایهٔ {number}، {layer}',
];
