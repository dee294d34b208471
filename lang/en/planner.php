<?php

declare(strict_types=1);

return [
    'boil-and-steam-on-one-ring' => 'Boil and steam on one ring',
    'cannot-follow' => '"{task}" cannot follow "{after}" {mostMin, plural, =0{at once} other{within # min}} with these rings and one pair of hands.',
];
