<?php

declare(strict_types=1);

return [
    'min-late-the-low-heat-runs' => '{minutes} min late, the low heat runs on',
    'the-crust-comes-out-not' => 'the crust comes out {colour}, not {colour2}',
    'the-rice-is-not-done-by' => 'the rice is not done by the end',
    'the-rice-is-done-min-later' => 'the rice is done {isDone} min {isDone2, select, yes{later} other{earlier}}',
    'g-more-steam-gets-out' => '{water} g {water2, select, yes{more} other{less}} steam gets out',
    'nothing-that-matters-changes' => '{what}: nothing that matters changes.',
    'turned' => 'Turned to {heat}',
    'opened' => 'Opened',
    'changes' => '{what}: {says}.',
];
