<?php

declare(strict_types=1);

return [
    'rice' => '{saffron, select, yes{برنج زعفرانی} other{برنج}}{plain, select, yes{} other{، {stage}}}',
    'folded' => 'برنج، {filling}',
];
