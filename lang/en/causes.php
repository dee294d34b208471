<?php

declare(strict_types=1);

return [
    'the-ring-gave-more-heat-than' => 'the ring gave more heat than reckoned',
    'the-ring-gave-less-heat-than' => 'the ring gave less heat than reckoned',
    'the-filling-was-wetter-than-planned' => 'the filling was wetter than planned',
    'the-filling-was-drier-than-planned' => 'the filling was drier than planned',
    'the-rice-went-in-less-done' => 'the rice went in less done than planned',
    'the-rice-went-in-further-done' => 'the rice went in further done than planned',
    'the-first-heat-ran-on-for' => 'the first heat ran on for some minutes',
    'the-first-heat-was-cut-short' => 'the first heat was cut short',
    'the-lid-leaked' => 'the lid leaked',
    'cooked-again-so-the-crust-comes' => 'cooked again so, the crust comes out {colour} and the rice {uptake}',
];
