<?php

declare(strict_types=1);

return [
    'times-the-rice-raw-when-layered' => '{kg} times the rice, raw; {layeredMass} when layered, the juice cooked down.',
    'base-rice-with-the-water-it' => 'Base, rice with the water it holds, and filling, without the pot.',
    'is-cm-high-inside-the-food' => '^{pot} is {heightCm, number, ::.0} cm high inside; the food goes in about {layeredCm, number, ::.0} cm high and steamed stands {topCm, number, ::.0} cm.',
    'steam-needs-cm-under-the-lid' => 'Steam needs {freeCm} cm under the lid to turn.',
    'the-schools-own-heat-set-for' => "The school's own heat, set for the {baseCm2} cm² of this base on {ring}.",
    'your-own-heat-line' => 'Your own heat line.',
    'min-to-open-and-carry-counted' => '{minutes} min to open and carry, counted back from the table at {tableAt}.',
    'shares-of-g' => '{parts}: {shares} shares of {gramsPerAdult} g.',
    'that-is-of-raw-rice' => 'That is {volume, number, ::.0} {cup} of raw rice.',
    'of-the-steam-that-meets-the' => 'Of the steam that meets the lid, {seal} lets {leakShare} % out.',
    'the-rest-drips-back-less-what' => 'The rest drips back, less what a cloth takes up.',
    'the-dough-rope-is-cm-long' => 'The dough rope is {rope} cm long, 1.5 cm thick: {doughG} g of dough.',
    'each-past-the-eighth-counted' => 'each past the eighth counted 85 %',
    'and-for-later' => 'and {leftovers} for later',
    'people' => '{eaters, plural, one{# person} other{# people}}',
    'of-them-children-at-half' => '{children, plural, one{# of them a child} other{# of them children}} at half a share',
    'heat-line' => '{stretches}.',
    'heat' => '{minutes} {heat}',
    'found-for-this-pot' => 'Found for the {pot} on {ring}: most likely right among those little longer than the shortest.',
];
