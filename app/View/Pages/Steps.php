<?php

declare(strict_types=1);

namespace App\View\Pages;

/** The first minutes' steps as their line of steps names them. */
final class Steps
{
    public const NAMES = [
        'units' => 'Units', 'place' => 'Where', 'pots' => 'Pots', 'rings' => 'Rings', 'plates' => 'Plate',
        'oven' => 'Oven', 'rice' => 'Rice', 'people' => 'People', 'dish' => 'First dish',
    ];
}
