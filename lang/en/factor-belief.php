<?php

declare(strict_types=1);

return [
    'nothing-learned-of-this-bag-yet' => 'nothing learned of this bag yet, so it counts as its kind',
    'this-bag-cooks-like-its-kind' => 'this bag cooks like its kind',
    'this-bag-runs-faster-than-its' => 'this bag runs {percent} % {isFaster, select, yes{faster} other{slower}} than its kind',
    'nothing-learned-of-this-pot-on' => 'nothing learned of this pot on this ring yet, so it counts as its kind',
    'this-pot-on-this-ring-heats' => 'this pot on this ring heats like its kind',
    'this-pot-on-this-ring-gets' => 'this pot on this ring gets {percent} % {isLess, select, yes{less} other{more}} heat than its kind',
];
