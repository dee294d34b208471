<?php

declare(strict_types=1);

return [
    'yield' => 'از {food}، {yield}٪ به کار می‌رود.',
    'swells' => '{food} به {yield} برابر وزنش می‌رسد.',
];
