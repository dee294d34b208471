<?php

declare(strict_types=1);

return [
    'rice' => '{saffron, select, yes{rice, saffron} other{rice}}{plain, select, yes{} other{, {stage}}}',
    'folded' => 'rice, {filling}',
];
