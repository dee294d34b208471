<?php

declare(strict_types=1);

return [
    'right' => 'Yes: it {stage}, {percent} % cooked.',
    'wrong' => 'It {stage}, {percent} % cooked; you said it {answered}.',
    'far' => '{near, select, yes{Near: it} other{It}} {stage}, {percent} % cooked; you said {points, plural, =0{just that} one{# point {more, select, yes{more} other{less}}} other{# points {more, select, yes{more} other{less}}}}.',
    'lifted' => 'In the pot it stands {points, plural, one{# point} other{# points}} {past, select, yes{past} other{short of}} its stage. Right was {rightAt}; this bag ran {percent} % {fast, select, yes{fast} other{slow}}.',
];
