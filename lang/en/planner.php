<?php

declare(strict_types=1);

return [
    'boil-and-steam-on-one-ring' => 'Boil and steam on one ring',
    'cannot-follow' => '"{task}" cannot follow "{after}" within {mostMin} min with these rings and one pair of hands.',
];
