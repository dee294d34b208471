<?php

declare(strict_types=1);

return [
    'no-amount' => 'no amount could be read',
    'weighed-for-nothing' => 'weighed, but nothing here says what it is for',
    'weighed' => 'weighed',
    'by-volume' => '{amount} ml at {each} kg a litre',
    'of-them-of-unknown-weight' => '{amount} of them, of unknown weight',
    'volume-unknown' => '{amount} ml, of unknown weight',
    'to-taste' => 'left to you',
    'between' => 'between {low} and {high}{unit, select, g{ g} ml{ ml} piece{} other{ ({unit})}}: the middle is taken',
    'by-measure' => 'one {measure} of it at {each} g',
    'leave-it-out' => 'leave it out',
    'counted' => 'counted at {each} g each',
    'the-rice' => 'the rice',
    'filling' => 'filling: {kind}',
    'topping' => 'beside it: {kind}',
];
