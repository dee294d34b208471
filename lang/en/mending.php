<?php

declare(strict_types=1);

return [
    'surer' => '{mend}: right in {right} of {of} kitchens, not in {now}',
    'less-goes-wrong' => '{mend}: less goes wrong',
    'the-heat-found' => 'Take the heat found for this pot',
    'in-the-pot' => 'Steam it in the {pot}',
    'on-the-ring' => 'Steam it on the {ring}',
    'sealed-with' => 'Close it with {seal}',
    'a-crust' => 'Want a crust that is {colour}',
    'water-over' => 'Pour {millilitres} ml of hot water over the rice before the lid goes on',
    'filling' => 'Layer the filling {wetness}',
    'lifted' => 'Lift when a grain {stage}',
    'drained' => 'After draining: {draining}',
];
