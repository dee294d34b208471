<?php

declare(strict_types=1);

return [
    'told' => '{sprinkledMl, plural, =0{} other{Sprinkle # ml of hot water over the rice and close it. }}{isWaiting, select, yes{Leave it on: no steam has shown yet. {minutes, plural, one{# minute} other{# minutes}} more at {heat}} other{{stay, plural, =0{{isSame, select, yes{{minutes, plural, =0{Take it off the heat now} one{Off the heat in # minute} other{Off the heat in # minutes}}} other{{minutes, plural, =0{Take it off the heat now} one{Turn to {heat} now, then # min} other{Turn to {heat} now, then # min}}}}} other{Leave it at {on} # min more, then {minutes, plural, other{# min}} at {heat}}}}}',
    'left' => '{stay, plural, =0{{minutes, plural, =0{Off the heat now} other{# min at {heat}}}} other{# min at {on}, then {minutes, plural, other{# min}} at {heat}}}',
    'sure' => 'Right in {right} of {samples} ways that it may be; left as it is, in {was}.',
    'later' => '{minutes, plural, one{It comes off # minute later than planned} other{It comes off # minutes later than planned}}.',
    'sooner' => '{minutes, plural, one{It comes off # minute sooner} other{It comes off # minutes sooner}}, and may rest so much longer.',
    'as-planned' => 'The heat stays as it is: right in {right} of {samples} ways that it may be.',
    'look-then' => 'Look at the edge {minutes, plural, one{# minute} other{# minutes}} after steam.',
    'look' => 'A look tells most {minutes, plural, =0{now} one{in # minute} other{in # minutes}}.',
];
