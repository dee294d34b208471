<?php

declare(strict_types=1);

return [
    'the-yogurt-in-the-marinade' => 'the yogurt in the marinade',
    'the-dough-seal' => 'the dough seal',
];
