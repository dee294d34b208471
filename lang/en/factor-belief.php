<?php

declare(strict_types=1);

return [
    'bag-untaught' => 'nothing learned of this bag yet, so it counts as its kind',
    'bag-as-its-kind' => 'this bag cooks like its kind',
    'bag-off-its-kind' => 'this bag runs {percent} % {isFaster, select, yes{faster} other{slower}} than its kind',
    'ring-untaught' => 'nothing learned of this pot on this ring yet, so it counts as its kind',
    'ring-as-its-kind' => 'this pot on this ring heats like its kind',
    'ring-off-its-kind' => 'this pot on this ring gets {percent} % {isLess, select, yes{less} other{more}} heat than its kind',
];
