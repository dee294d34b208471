<?php

declare(strict_types=1);

return [
    'of-is-left-as-it-is' => 'Of {food} {yield} % is left as it is used.',
    'swells-to-times-its-weight' => '^{food} swells to {yield} times its weight.',
];
