<?php

declare(strict_types=1);

return [
    'more-heat' => 'the ring gave more heat than reckoned',
    'less-heat' => 'the ring gave less heat than reckoned',
    'low-mark-gave-more' => 'the low mark gave more heat than it says',
    'low-mark-gave-less' => 'the low mark gave less heat than it says',
    'wetter-filling' => 'the filling was wetter than planned',
    'drier-filling' => 'the filling was drier than planned',
    'rice-less-done' => 'the rice went in less done than planned',
    'rice-further-done' => 'the rice went in further done than planned',
    'longer-first-heat' => 'the first heat ran on for some minutes',
    'shorter-first-heat' => 'the first heat was cut short',
    'lid-leaked' => 'the lid leaked',
    'comes-out-so' => 'cooked again so, the crust comes out {colour} and the rice {uptake}',
];
