<?php

declare(strict_types=1);

return [
    'in' => 'In the {pot}: {says}',
];
