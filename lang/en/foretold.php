<?php

declare(strict_types=1);

return [
    'burns' => 'The base burns from minute {at}.',
    'dark' => 'The crust is past {crust} from minute {at}: {colour} at the end.',
    'pale' => 'The crust stays {colour}; {crust} is wanted.',
    'thin-crust' => 'The crust does not dry through ({mm, number, ::.0} mm deep) and tears when it is turned out.',
    'hard-heart' => '{which} keeps a hard heart: {done} % done.'
        .'{isCold, select, yes{ The middle never reaches steam: {hottest} °C at most.} other{}}',
    'unsteamed' => 'The top of the rice is in steam {minutes, plural, =0 {never} one {for # minute} other {for # minutes}};'
        .' under five it is warmed, not steamed.',
    'dry-rice' => '{which} ends dry: {uptake, number, ::.00} times its raw weight.',
    'wet-rice' => '{which} ends wet: {isFree, select, yes{{free} % of its weight in water that it does not take up.}'
        .' other{{uptake, number, ::.00} times its raw weight.}}',
    'unsafe-core' => '^{filling}: its core comes to {coreC} °C only, {safeC} °C is safe.',
    'tough' => '^{filling} is not tender yet: {done} % of the way.',
    'falls-apart' => '^{filling} {hasBite, select, yes{is past its bite} other{falls apart}} from minute {at}.',
    'the-lowest-rice' => 'The lowest rice',
    'the-rice-above' => 'The rice above',
    'the-rice' => 'The rice',
];
