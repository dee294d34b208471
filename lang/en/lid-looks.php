<?php

declare(strict_types=1);

return [
    'seen' => '{minute} min after it was closed: {says}.',
    'turned' => '{minute} min after it was closed: turned as told to {heat}, {minutes} min more; the crust came {came}'
        .', left alone it would have come {would}.',
];
