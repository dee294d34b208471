<?php

declare(strict_types=1);

return [
    'marinade-yogurt' => 'the yogurt in the marinade',
    'dough-seal' => 'the dough seal',
];
