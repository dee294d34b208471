<?php

declare(strict_types=1);

return [
    'lift-now' => 'Lift now: likely {inPot} % when it is in the pot, not {target} %; a grain then {feels}.',
    'rinse-cold' => 'Rinse it cold at once and it stays at {best} %.',
    'less-under-the-lid' => 'It needs about {fewerMin} min less under the lid, and holds {waterG} g more water: leave that much liquid out of the filling.',
];
