<?php

declare(strict_types=1);

return [
    'raw-to-done-in-water-at' => 'Raw to done in water at 100 °C, {soak}; {belief}.',
    'g-a-litre-in-of-water' => '{saltGPerL} g a litre in {water} of water.',
    'nothing-is-drained-all-the-salt' => 'Nothing is drained: all the salt stays in the rice.',
    'the-fillings-own-gravy' => '{grams} g of it is the filling\'s own gravy.',
    'times-the-rice-in-place-of' => '{brothPerRice} times the rice, in place of that much water. Salted and coloured to taste.',
];
