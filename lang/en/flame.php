<?php

declare(strict_types=1);

return [
    'keeps-warm' => 'kept warm in the cooker',
    'off' => 'rest',
    'oven' => 'the oven’s {celsius} °C',
    'on' => '{isMarked, select, yes{{mark}} other{{percent} %}}{isOnPlate, select, yes{ on the {isHot, select, yes{hot } other{}}{plate}} other{}}'
        .'{isMoved, select, yes{, on {ring}} other{}}',
];
