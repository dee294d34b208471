<?php

declare(strict_types=1);

return [
    'soaked-long' => 'The rice stood {minutes, plural, one{# minute} other{# minutes}} in water: so long makes it brittle',
    'soak-shorter' => 'Soak it {minutes} min',
    'lifted-late' => 'It was lifted {seconds, plural, one{# second} other{# seconds}} past what was foretold: soft grains tear in the sieve',
    'lift-in-time' => 'Nothing in the dish: lift when it is called',
    'lifted-soft' => 'It is lifted when it {stage}: that soft, grains break as they are layered and spooned',
    'turned-hot' => 'It rested less than five minutes before it was opened: hot grains are soft, and a hot base holds on',
    'rest' => 'Nothing in the dish: let it stand ten minutes off the heat, the lid on',
    'handled' => 'The hand: grains break when they are stirred as they boil, pressed as they are layered, or dug out from the middle',
    'handle' => 'Nothing in the dish: stir once, as it goes in; heap the rice loosely; spoon from the edge. Of the bag this teaches nothing',
    'little-fat' => 'There was little fat on the base',
    'more-fat' => 'Half as much fat again',
    'burnt-on' => 'What is burnt holds on',
    'less-heat' => 'Less heat: see what to change below',
    'not-set' => 'The crust was not set: what is pale is still wet, and holds on',
    'till-it-lets-go' => 'More heat at the base: see what to change below',
    'cold-cloth' => 'Nothing in the dish: stand the hot pot on a wet, cold cloth for two minutes before you turn it out',
    'held-on' => 'Nothing in the plan says why: fat, heat and rest were as they should be',
];
