<?php

declare(strict_types=1);

return [
    'no-amount-could-be-read' => 'no amount could be read',
    'weighed-but-nothing-here-says-what' => 'weighed, but nothing here says what it is for',
    'weighed' => 'weighed',
    'ml-at-kg-a-litre' => '{amount} ml at {each} kg a litre',
    'of-them-of-unknown-weight' => '{amount} of them, of unknown weight',
    'ml-of-unknown-weight' => '{amount} ml, of unknown weight',
    'leave-it-out' => 'leave it out',
    'counted' => 'counted at {each} g each',
    'the-rice' => 'the rice',
    'filling' => 'filling: {kind}',
    'topping' => 'topping: {kind}',
];
