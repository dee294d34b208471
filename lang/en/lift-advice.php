<?php

declare(strict_types=1);

return [
    'lift-now-likely-when-it-is' => 'Lift now: likely {inPot} % when it is in the pot, not {target} %; a grain then {feels}.',
    'rinse-it-cold-at-once-and' => 'Rinse it cold at once and it stays at {best} %.',
    'it-needs-about-min-less-under' => 'It needs about {fewerMin} min less under the lid, and holds {waterG} g more water: leave that much liquid out of the filling.',
];
