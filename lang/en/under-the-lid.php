<?php

declare(strict_types=1);

return [
    'late' => '{minutes} min late, the low heat runs on',
    'other-crust' => 'the crust comes out {colour}, not {before}',
    'rice-not-done' => 'the rice is not done by the end',
    'rice-at-another-time' => 'the rice is done {minutes} min {isLater, select, yes{later} other{earlier}}',
    'other-steam' => '{grams} g {isMore, select, yes{more} other{less}} steam gets out',
    'changes-nothing' => '{what}: nothing that matters changes.',
    'turned' => '{sprinkledMl, plural, =0{Turned to {heat}} other{Sprinkled with # ml of hot water, turned to {heat}}}',
    'opened' => 'Opened',
    'changes' => '{what}: {says}.',
];
