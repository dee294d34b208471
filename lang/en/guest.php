<?php

declare(strict_types=1);

return [
    'meat-or-fish' => 'meat or fish: {meat}',
    'spices-and-bones' => 'whole spices left in the rice, and bones',
    'bones' => "bones: take them out of a small child's plate",
    'holds' => '{allergen} in {where}',
];
