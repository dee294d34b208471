<?php

declare(strict_types=1);

return [
    'of-the-raw-rice' => '{kg} times the rice, raw; {layeredMass} when layered, the juice cooked down.',
    'what-is-weighed' => 'Base, rice with the water it holds, and filling, without the pot.',
    'how-high' => '^{pot} is {heightCm, number, ::.0} cm high inside; the food goes in about {layeredCm, number, ::.0} cm high and steamed stands {topCm, number, ::.0} cm.',
    'free-height' => 'Steam needs {freeCm} cm under the lid to turn.',
    'schools-heat' => "The school's own heat, set for the {baseCm2} cm² of this base on {ring}.",
    'own-heat' => 'Your own heat.',
    'open-and-carry' => '{minutes} min to open and carry, counted back from the table at {tableAt}.',
    'shares' => '{parts}: {shares} shares of {gramsPerAdult} g.',
    'in-cups' => 'That is {volume, number, ::.0} {cup} of raw rice.',
    'leak' => 'Of the steam that meets the lid, {seal} lets {leakShare} % out.',
    'drips-back' => 'The rest drips back, less what a cloth takes up.',
    'dough-rope' => 'The dough rope is {rope} cm long, 1.5 cm thick: {doughG} g of dough.',
    'past-the-eighth' => 'each past the eighth counted 85 %',
    'for-later' => 'and {leftovers} for later',
    'people' => '{eaters, plural, one{# person} other{# people}}',
    'children' => '{children, plural, one{# of them a child} other{# of them children}} at half a share',
    'heat-line' => '{stretches}.',
    'heat' => '{minutes} {heat}',
    'found-heat' => 'Found for the {pot} on {ring}: most likely right among those little longer than the shortest.',
];
