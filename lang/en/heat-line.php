<?php

declare(strict_types=1);

return [
    'stretch' => '{minutes} min {isRest, select, yes{rest} other{at {heat}}}{isTill, select, yes{ till {till}{more, plural, =0{} other{ and # min more}}} other{}}',
];
