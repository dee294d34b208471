<?php

declare(strict_types=1);

return [
    'celsius' => '{n} °C',
    'cm' => '{n} cm',
    'counted' => '{amount} ({many})',
    'cups' => '{n} {isOne, select, yes{cup} other{cups}}',
    'drops' => '{n} drops',
    'g' => '{n} g',
    'hours' => '{hours} h',
    'hours-and-minutes' => '{hours} h {minutes} min',
    'kcal' => '{n} kcal',
    'kept' => '{n} % kept',
    'kg' => '{n} kg',
    'lb' => '{n} lb',
    'litres' => '{n} L',
    'min' => '{n} min',
    'minutes-and-seconds' => '{isBefore, select, yes{−} other{}}{minutes} min {seconds} s',
    'ml' => '{n} ml',
    'oz' => '{n} oz',
    'pinch' => 'a pinch',
    'plain' => '{n}',
    'salt' => '{n} % salt',
    'seconds' => '{isBefore, select, yes{−} other{}}{seconds} s',
    'tablespoons' => '{n} tbsp',
    'teaspoons' => '{n} tsp',
    'under' => 'under {amount}',
    'whole-minutes' => '{isBefore, select, yes{−} other{}}{minutes} min',
];
