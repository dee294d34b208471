<?php

declare(strict_types=1);

return [
    'more-heat' => 'the ring gave more heat than reckoned',
    'less-heat' => 'the ring gave less heat than reckoned',
    'wetter-filling' => 'the filling was wetter than planned',
    'drier-filling' => 'the filling was drier than planned',
    'rice-less-done' => 'the rice went in less done than planned',
    'rice-further-done' => 'the rice went in further done than planned',
    'longer-first-heat' => 'the first heat ran on for some minutes',
    'shorter-first-heat' => 'the first heat was cut short',
    'lid-leaked' => 'the lid leaked',
    'comes-out-so' => 'cooked again so, the crust comes out {colour} and the rice {uptake}',
];
