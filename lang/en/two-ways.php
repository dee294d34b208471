<?php

declare(strict_types=1);

return [
    'rinse-the-drained-rice' => 'Rinse the drained rice?',
    'whole-spices' => 'Whole spices?',
    'poultry-overnight-in-the-marinade' => 'Poultry overnight in the marinade?',
    'yogurt-in-the-overnight-marinade' => 'Yogurt in the overnight marinade?',
    'stir-before-serving' => 'Stir before serving?',
    'never' => 'never',
    'its-salt-and-flavour-stay-on' => 'its salt and flavour stay on it',
    'cold-at-once' => 'cold, at once',
    'it-stops-cooking-and-surface-salt' => 'it stops cooking and surface salt goes off',
    'fished-out-after-ten-minutes' => 'fished out after ten minutes',
    'nobody-bites-on-a-clove' => 'nobody bites on a clove',
    'left-in' => 'left in',
    'they-go-on-giving-scent-under' => 'they go on giving scent under the lid',
    'h' => '4 h',
    'yogurt-and-lemon-do-not-turn' => 'yogurt and lemon do not turn its skin chalky',
    'overnight' => 'overnight',
    'in-a-mild-marinade-it-seasons' => 'in a mild marinade it seasons through',
    'in-the-last-hour' => 'in the last hour',
    'salt-and-yogurt-draw-water-the' => 'salt and yogurt draw water: the pot stays drier',
    'from-the-start' => 'from the start',
    'the-meat-gets-softer' => 'the meat gets softer',
    'each-plate-gets-all-layers-as' => 'each plate gets all layers as they lay',
    'gently-with-a-broad-flat-spoon' => 'gently, with a broad flat spoon',
    'grains-of-several-colours-filling-in' => 'grains of several colours, filling in every bite',
];
