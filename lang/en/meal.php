<?php

declare(strict_types=1);

return [
    'guest' => '{who}, {dish}: {says}',
    'of-a-dish' => '{dish}: {says}',
    'has-passed' => 'The table at {tableAt} has passed: choose another.',
    'too-little-time' => 'The work takes {takes} min, and the table is in {left} min.',
    'does-not-fit' => '{hands, plural, one{One pair of hands} other{# pairs of hands}} and these rings and pots cannot have all of it hot at one time; below it stands without minding what must follow at once.',
    'could-be-shorter' => 'What would make it shorter:',
    'more-hands' => '{hands, plural, one{One cooks} other{# of you cook}}',
    'keep-in-the-oven' => 'Keep {dish} in the oven till the table',
    'without-pins' => 'Let go of what is pinned',
];
