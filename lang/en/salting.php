<?php

declare(strict_types=1);

return [
    'salt-to-taste' => 'Salt it {taste}: {gPerL} a litre',
    'salt-as-noted' => 'As your notes have it, {percent, number, ::.00} %: {gPerL} a litre',
    'where-it-is' => '{riceG, number, ::.0} g stay in the rice, {fillingG, number, ::.0} g are in the filling ({saltGPerKg} g a kg), in {eatenG} that are eaten: {percent}.',
    'sodium' => '{sodiumMgPerG} mg of sodium a serving, of {servings}. Under 0.6 % is flat, 0.7 to 1.0 % usual, over 1.2 % salty.',
];
