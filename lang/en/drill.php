<?php

declare(strict_types=1);

return [
    'right' => 'Yes: it {stage}, {percent} % cooked.',
    'wrong' => 'It {stage}, {percent} % cooked; you said it {answered}.',
    'lifted' => 'In the pot it stands {points, plural, one{# point} other{# points}} {past, select, yes{past} other{short of}} its stage. Right was {rightAt}; this bag ran {percent} % {fast, select, yes{fast} other{slow}}.',
];
