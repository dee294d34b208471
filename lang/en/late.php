<?php

declare(strict_types=1);

return [
    'not' => 'on time',
    'than-was-planned' => '{isOfToday, select, yes{{minutes} min {isLate, select, yes{late} other{early}}} other{on another day than planned}}',
];
