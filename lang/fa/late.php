<?php

declare(strict_types=1);

return [
    'not' => 'سر وقت',
    'than-was-planned' => '{isOfToday, select, yes{{minutes} دقیقه {isLate, select, yes{دیر} other{زود}}} other{در روزی جز روز برنامه}}',
];
