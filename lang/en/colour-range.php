<?php

declare(strict_types=1);

return [
    'words' => '{low} to {high}, likely {likely}',
];
