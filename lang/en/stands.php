<?php

declare(strict_types=1);

return [
    'on-time' => '{minutes, plural, =0{on time} other{on time for those who come # min late}}',
    'later' => '{isOfToday, select, yes{{minutes} min later than planned} other{planned for {day} at {at}}}',
    'pushed' => '{minutes} min later than planned: “{task}”{isOneOfSeveral, select, yes{ of {dish}} other{}} {runs, select, yes{runs till {at}} other{is not begun yet}}',
    'another-pair' => 'Another pair of hands: {minutes} min back',
    'under-pressure' => 'Under pressure: {minutes} min back',
];
