<?php

declare(strict_types=1);

return [
    'right' => 'It is right as it is.',
    'flat' => '{isWater, select, yes{{salt} of salt more: it should be over-salty, the rice takes a little of it} other{Stir in {salt} of salt, wait a minute, taste again}}.',
    'salty' => '{isWater, select, yes{Pour {water} off and put boiling water in its place} other{Let it down with {water} of hot water, and put no more salt to what comes}}.',
    'sour' => '{sugar} of sugar, stirred in; taste again.',
    'dull' => '{lemon} of lemon juice, stirred in; taste again.',
    'why' => 'So much as a tongue notices.',
];
