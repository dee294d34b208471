<?php

declare(strict_types=1);

// What is called so where nobody gave it a name.
return [
    'cooker' => 'rice cooker, {cups} cups',
    'dish' => 'A first dish: {school}',
    'kitchen' => 'Our kitchen',
    'mark' => '{mark, select, pearl{pearl} small{small} half{half} full{full} low{low} medium{medium} high{high} large{large} boost{boost} other{{mark}}}',
    'new-dish' => 'A new dish: {school}',
    'oven' => 'oven',
    'plate' => '{isDiffuser, select, yes{diffuser} other{tava}}',
    'pot' => '{acrossCm} cm {material}, {litres} L',
    'recipe' => 'A recipe',
    'ring' => 'Ring {number}',
];
