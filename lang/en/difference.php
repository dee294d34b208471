<?php

declare(strict_types=1);

return [
    'changed' => '{field}: {is}, was {was}',
    'not-told' => 'not told',
    'flag' => '{value, select, yes{yes} other{no}}',
];
