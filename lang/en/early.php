<?php

declare(strict_types=1);

/* What comes of a task that is begun before its time. */
return [
    'soaks-longer' => 'the rice soaks longer, and the table stays where it is',
    'boils-away' => 'the water boils on and gets less and saltier: heat it later, or keep the lid on',
    'rice-would-wait' => 'drained rice would wait and dry: the table would have to be earlier',
    'closed-too-soon' => 'it would be ready before the table, and the crust darker by then',
    'marinates-longer' => 'it marinates longer; the marinade says how long is too long',
    'waits' => 'what it makes waits till it is wanted',
];
