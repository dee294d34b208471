<?php

declare(strict_types=1);

return [
    'marinade-yogurt' => 'ماستِ مواد خواباندن',
    'dough-seal' => 'خمیر دور در',
];
