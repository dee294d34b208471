<?php

declare(strict_types=1);

return [
    'for' => 'On the table {late} min late, most of it for “{task}”: {tookLonger, select, yes{it took {minutes} min longer than the {planned} that were planned} other{it was begun {minutes} min later than it could have been}}',
    'by-itself' => 'On the table {late} min late{waited, plural, =0{: no single step lost the time} other{: it was ready, and sat down to # min after that}}',
];
