<?php

declare(strict_types=1);

/* The pot filled from the base up, a word of craft at each layer. */
return [
    'pressed' => 'pressed level, out to the wall',
    'spread' => 'spread loosely, not pressed',
    'heaped' => 'heaped in the middle, not pressed',
    'level' => 'levelled loosely, not pressed',
    'clear-of-the-wall' => 'clear of the wall',
    'not-its-gravy' => 'not its gravy',
    'holes' => '{holes, plural, one{# hole} other{# holes}} down to the base{isFilled, select, yes{; {fat} into each} other{}}',
];
