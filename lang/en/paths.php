<?php

declare(strict_types=1);

/* Fields of a dish by their paths, and how a change of one is told. */
return [
    'usual/eaters' => 'people',
    'usual/children' => 'children',
    'usual/plates' => 'plates',
    'usual/leftovers' => 'portions for later',
    'serve_at' => 'on the table',
    'eaters' => 'people',
    'children' => 'children',
    'hands' => 'pairs of hands',
    'rice/lot' => 'rice',
    'rice/rinses' => 'rinses',
    'rice/soak/minutes' => 'soak, min',
    'rice/soak/celsius' => 'soak, °C',
    'rice/soak/salt_g_per_l' => 'soak salt, g/L',
    'water/pot' => 'pot to boil in',
    'water/burner' => 'ring to boil on',
    'water/per_rice' => 'water over rice',
    'water/salt_g_per_l' => 'water salt, g/L',
    'water/stage' => 'target',
    'water/drain' => 'after draining',
    'fillings/0/ready' => 'filling cooked to',
    'fillings/0/wetness' => 'filling',
    'base/kind' => 'base',
    'mound' => 'mound',
    'steam_holes' => 'steam holes',
    'lid/pot' => 'pot to steam in',
    'lid/burner' => 'ring to steam on',
    'lid/seal' => 'seal',
    'serve' => 'serving',
];
