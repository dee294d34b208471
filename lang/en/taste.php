<?php

declare(strict_types=1);

return [
    'right' => 'It is right as it is.',
    'flat' => 'Stir in {salt} of salt, wait a minute, taste again.',
    'water-flat' => '{salt} of salt more: it should be over-salty, the rice takes a little of it.',
    'salty' => 'Let it down with {water} of hot water, and put no more salt to what comes.',
    'water-salty' => 'Pour {water} off and put boiling water in its place.',
    'sour' => '{sugar} of sugar, stirred in; taste again.',
    'dull' => '{lemon} of lemon juice, stirred in; taste again.',
    'why' => 'So much as a tongue notices.',
];
