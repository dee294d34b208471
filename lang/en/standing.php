<?php

declare(strict_types=1);

return [
    'cracks-without-plate' => '^{pot} on {ring}: with nothing between it cracks; this kitchen has no plate.',
    'not-found' => '^{ring} heats what a magnet holds to; {pot} stays cold on it without an iron plate.',
    'heats-its-middle' => '^{pot} is much wider than {ring}: its middle browns while its edge stays cool, and no plate spreads it.',
    'wastes-heat' => '^{ring} is wider than {pot}: heat goes past it, and a flame comes up its side.',
    'cloth-in-reach' => '^{ring} flames up beside {pot}, and the cloth hangs there: it can catch fire.',
    'seal-with-foil' => 'Seal it with foil',
    'on' => 'On {ring}',
    'one-handle' => '{kg, number, ::.0} kg in {pot}, which has one handle: no one turns that out alone.',
    'lift-it-off' => 'Lift rice and crust off',
];
