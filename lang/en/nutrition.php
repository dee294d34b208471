<?php

declare(strict_types=1);

return [
    'what-is-counted' => 'Of what is measured out, for {servings, plural, one{one serving} other{# servings}}; of fat in pan and pot four fifths.',
    'part' => '{food}: {kcal} kcal.',
];
