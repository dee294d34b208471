<?php

declare(strict_types=1);

return [
    'not-soaked' => 'نخیسانده',
    'soaked' => '{minutes} در {celsius} درجه خیسانده',
];
