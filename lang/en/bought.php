<?php

declare(strict_types=1);

return [
    'yield' => 'Of {food} {yield} % is left as it is used.',
    'swells' => '^{food} swells to {yield} times its weight.',
];
