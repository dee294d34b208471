<?php

declare(strict_types=1);

return [
    'tau' => 'Raw to done in water at 100 °C, {soak}; {belief}.',
    'salt-in-the-water' => '{saltGPerL} g a litre in {water} of water.',
    'salt-stays' => 'Nothing is drained: all the salt stays in the rice.',
    'own-gravy' => '{grams} g of it is the filling\'s own gravy.',
    'broth-for-water' => '{brothPerRice} times the rice, in place of that much water. Salted and coloured to taste.',
];
