<?php

declare(strict_types=1);

return [
    'words' => '{low} تا {high}، به احتمال زیاد {likely}',
];
