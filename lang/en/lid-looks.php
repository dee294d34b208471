<?php

declare(strict_types=1);

return [
    'seen' => '{minute} min after it was closed: {says}.',
    'turned' => '{minute} min after it was closed: {sprinkledMl, plural, =0{} other{# ml of hot water over the rice, }}turned as told to {heat}, {minutes} min more; the crust came {came}'
        .', left alone it would have come {would}.',
];
