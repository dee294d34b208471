<?php

declare(strict_types=1);

return [
    'min-late-the-low-heat-runs' => '{minutes} min late, the low heat runs on',
    'the-crust-comes-out-not' => 'the crust comes out {colour}, not {before}',
    'the-rice-is-not-done-by' => 'the rice is not done by the end',
    'the-rice-is-done-min-later' => 'the rice is done {minutes} min {isLater, select, yes{later} other{earlier}}',
    'g-more-steam-gets-out' => '{grams} g {isMore, select, yes{more} other{less}} steam gets out',
    'nothing-that-matters-changes' => '{what}: nothing that matters changes.',
    'turned' => 'Turned to {heat}',
    'opened' => 'Opened',
    'changes' => '{what}: {says}.',
];
