<?php

declare(strict_types=1);

return [
    'press-grains-under-glass' => 'Press ten grains under glass',
    'under-glass-so-far' => 'Under glass: {seesHearts, select, yes{{percent} % done} other{no heart}}',
    'grains-outlined' => '{grains, plural, one{One grain} other{# grains}} in the photograph, outlined',
    'one-grain' => 'Grain {number}: {sees, select, yes{{percent} % done} other{no heart is seen}}; it counts',
    'read' => '<strong>{percent} %</strong> done, give or take {sure}; from grain to grain {scatter} to either side. Read in {grains, plural, other{# grains}}{out, plural, =0{} one{, one left out} other{, # left out}}.',
    'without-heart' => '{none, plural, =0{Every grain shows a heart.} one{One of {grains} is without a heart.} other{# of {grains} are without a heart.}}{isDone, select, yes{ Nine of ten: done.} other{}}{isAll, select, yes{ Were they white all over, they would be raw: then snap one.} other{}}',
    'tap-out' => 'Tap a grain that is outlined wrongly: it counts no more. In blue: no heart is seen.',
    'how-take' => 'Take a spoonful out of the boil, and rinse it under cold water at once.',
    'how-press' => 'Lay some ten grains on something dark, each by itself, and press them flat under a glass.',
    'how-photograph' => 'Photograph them from above in even light, near enough that the glass fills the picture.',
    'never-checked' => 'Orbek has learned this from pictures that were made, not from real photographs. Weigh a spoonful beside it the first few times: both are kept, and compared on the page of the bag.',
    'counts-20-s' => 'It counts for the moment the spoonful left the water: 20 s before the photograph.',
    'test-by-glass' => 'Test by glass',
    'three-photographs' => 'A spoonful or two in a litre of boiling water. Three photographs, some two minutes apart, from half done on: they teach a new bag.',
    'the-rice-is-in' => 'The rice is in',
    'in-the-boil' => 'in the boil',
    'begin-again' => 'Begin again',
    'photograph-of-the-grains' => 'Photograph of the grains',
    'glass-beside-scale' => 'Glass beside scale',
    'beside-scale' => '{pairs, plural, one{Once a spoonful was weighed} other{# times a spoonful was weighed}} beside a photograph: the glass says {isSame, select, yes{the same} other{{apart} % {isMore, select, yes{more} other{less}}}} on average, {scatter} to either side.',
    'no-pair' => 'No spoonful has been weighed beside a photograph yet.',
    'tested-by-glass' => '{at}: {percent} % under glass',
];
