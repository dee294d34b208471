<?php

declare(strict_types=1);

return [
    'rinse' => 'Rinse the drained rice?',
    'whole-spices' => 'Whole spices?',
    'poultry-overnight' => 'Poultry overnight in the marinade?',
    'yogurt-overnight' => 'Yogurt in the overnight marinade?',
    'stir' => 'Stir before serving?',
    'never' => 'never',
    'never-why' => 'its salt and flavour stay on it',
    'cold' => 'cold, at once',
    'cold-why' => 'it stops cooking and surface salt goes off',
    'fished-out' => 'fished out after ten minutes',
    'fished-out-why' => 'nobody bites on a clove',
    'left-in' => 'left in',
    'left-in-why' => 'they go on giving scent under the lid',
    'four-hours' => '4 h',
    'four-hours-why' => 'yogurt and lemon do not turn its skin chalky',
    'overnight' => 'overnight',
    'overnight-why' => 'in a mild marinade it seasons through',
    'last-hour' => 'in the last hour',
    'last-hour-why' => 'salt and yogurt draw water: the pot stays drier',
    'from-the-start' => 'from the start',
    'from-the-start-why' => 'the meat gets softer',
    'unstirred-why' => 'each plate gets all layers as they lay',
    'stirred' => 'gently, with a broad flat spoon',
    'stirred-why' => 'grains of several colours, filling in every bite',
];
