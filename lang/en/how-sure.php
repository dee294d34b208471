<?php

declare(strict_types=1);

return [
    'more-likely-than-not' => 'more likely than not',
    'one-time-in-three-or-more' => 'one time in three or more',
    'one-time-in-five-or-so' => 'one time in five or so',
    'nothing-goes-wrong' => 'Nothing goes wrong in any of {samples} kitchens.',
    'risk' => '^{fault}: {often} ({times} of {samples}).',
    'almost-surely' => 'almost surely',
    'hardly-ever' => 'hardly ever',
];
