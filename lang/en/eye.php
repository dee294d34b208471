<?php

declare(strict_types=1);

return [
    'scatters' => 'your readings scatter by {points} points of doneness, {closer, select, yes{closer than} other{wider than}} the usual cook’s 6: windows at the stove go by that',
    'leans-nowhere' => 'they lean to neither side',
    'leans' => 'you call a grain {points} points {early, select, yes{too far: a little early} other{too raw: a little late}}; Orbek allows for it',
];
