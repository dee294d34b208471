<?php

declare(strict_types=1);

return [
    'no-amount-could-be-read' => 'no amount could be read',
    'weighed-but-nothing-here-says-what' => 'weighed, but nothing here says what it is for',
    'weighed' => 'weighed',
    'ml-at-kg-a-litre' => '{amount} ml at {each} kg a litre',
    'of-them-of-unknown-weight' => '{amount} of them, of unknown weight',
    'ml-of-unknown-weight' => '{amount} ml, of unknown weight',
    'to-taste' => 'left to you',
    'the-middle' => 'between {low} and {high}{unit, select, g{ g} ml{ ml} piece{} other{ ({unit})}}: the middle is taken',
    'a-measure-of-it' => 'a {measure} of it at {each} g',
    'leave-it-out' => 'leave it out',
    'counted' => 'counted at {each} g each',
    'the-rice' => 'the rice',
    'filling' => 'filling: {kind}',
    'topping' => 'topping: {kind}',
];
