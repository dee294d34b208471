<?php

declare(strict_types=1);

return [
    'of-a-dish' => '{dish}: {says}',
    'has-passed' => '{at} on {day} has passed.',
    'hour-is-skipped' => 'There is no {said} that night: clocks go forward. The table is at {at}.',
    'hour-comes-twice' => '{said} comes twice that night, as clocks go back; the {isFirst, select, yes{first} other{second}} is meant.',
    'too-little-time' => 'Too little time: the work takes {takes} min, and the table is in {left} min.',
    'serve-at' => 'Serve at {at}{isSameDay, select, yes{} other{ on {day}}}',
    'serve-tomorrow-at' => 'Serve tomorrow at {at}',
    'does-not-fit' => '{hands, plural, one{One pair of hands} other{# pairs of hands}} and these rings and pots cannot have all of it hot at one time; below it stands without minding what must follow at once.',
    'want-one-ring' => '{dishes} all want {ring} up to the table; of {rings, plural, one{one ring} other{# rings}} each closed pot needs its own, or is done earlier and kept in the oven.',
    'could-be-shorter' => 'What would make it shorter:',
    'more-hands' => '{hands, plural, one{One cooks} other{# of you cook}}',
    'short-of' => '{ring} is held from {from} to {to} min before the table; one more ring',
    'keep-in-the-oven' => 'Keep {dish} in the oven till the table',
    'salt-of' => '{dish}: {salt} g a serving.',
    'salt-a-day' => 'Of the dishes alone, sides as they are; 5 g a day is what most advise.',
    'without-pins' => 'Let go of what is pinned',
    'plates-change' => '{dish}: its rice is in the water already; a plate is {percent} % of what it was.',
    'rice-changes' => '{dish}: {rice} of rice now, {before} before; what goes with it follows.',
    'so-many-cook' => '{hands, plural, =1 {One pair of hands cooks} other {# pairs of hands cook}} from now on.',
    'nothing-changes' => 'No dish changes by it.',
    'no-ring-left' => '{dish}: no ring is left; a closed pot may go on in an oven at 160 °C, twice as long.',
    'move-the-pot' => '{dish}: its ring is out, and nothing heats it till you set it on another ({rings}) and say so.',
    'on-another-ring' => '{dish}: goes on {ring}. {faults}',
    'ring-told' => '{dish}: the water’s minutes to the boil say that {ring} gives {isMore, select, yes{more} other{less}} than was thought. {isSame, select, yes{The heat under the lid stays as planned.} other{Under the lid it is {heat} now, not {before}.}} {faults}',
    'left-out' => '{dish} is left out; what it held is free.',
];
