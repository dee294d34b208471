<?php

declare(strict_types=1);

return [
    'too-far' => '{step} went too far in {minutes} min: {isMeat, select, yes{let it stand off the heat, turn it as little as you can} other{take out what is dark, pour off fat that smells burnt, go on with the rest}}. Next time look from {least} min on.',
];
