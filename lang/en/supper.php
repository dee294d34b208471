<?php

declare(strict_types=1);

return [
    'lifted' => 'the rice was lifted after {at}; it was right at {right}{late, select, yes{: late} other{}}',
    'heated' => 'the first heat lasted {first, number, ::.0} min of {whole} in all; for this pot {best, number, ::.0} of {bestWhole} was best',
    'opened' => 'the lid was lifted {times, plural, one{once} other{# times}}',
    'served' => '{isLate, select, yes{on the table {late, plural, one{# minute} other{# minutes}} after} other{{late, plural, =0{on the table with} one{on the table a minute before} other{on the table # minutes before}}}} the guests{guests, plural, =0{} other{, who came # min later than said}}',
    'in-time' => 'nobody waited',
    'the-food-waited' => 'the food waited {early} min',
    'they-waited' => 'they waited {late} min',
    'otherwise' => 'otherwise the crust would have come out {colour} and the rice {uptake}',
    'cost-nothing' => 'it cost nothing',
    'best-from-there' => 'From the first turn of the heat on, {longer, plural, =0{no more of it} other{# min more of it}}, {minutes} min in all, would have been best: crust {colour}, rice {uptake}.',
];
