<?php

declare(strict_types=1);

return [
    'by-itself' => '{dish} by itself, for {eaters}',
    'table' => 'Table',
    'put-it-on-a-table' => 'Put it on a table',
    'in-the-kitchen-from' => 'in the kitchen, from {day}',
    'first-work' => '; first work at {day}',
    'begun-now' => 'Begun now it is on the table at <strong>{tableAt}</strong>. A day, a time and other dishes are a meal\'s.',
    'is-in-use-for-min' => '<strong>{ring}</strong> {heldMinutes, plural, =0{is free} other{is in use for # min}}.',
    'your-hands-are-needed-for-min' => '<strong>Your hands</strong> are needed for {heldMinutes} min.',
    'drained-rice-waits-min' => 'Drained rice waits <strong>{waits} min</strong> for its lid, of at most {most}.',
    'what-the-clock-says' => 'What the clock says',
    'it-was-made-for-other-things' => '<strong>It was made for other things, and moved to what is here:</strong> {number}.',
    'take-it-back' => 'Undo',
    'is-set-up-this-dish' => '{it} is set up. This dish is planned in it; touch a word to change it.',
    'close' => 'Close',
    'make-my-change-now' => 'Make my change now',
    'clock' => 'Clock',
    'task-line' => '<strong>{task}</strong> {minutes} min{hasRing, select, yes{, {ring}} other{}}{hasDetail, select, yes{; {detail}} other{}}',
    'hands' => '{pair, plural, =0{Hands} other{Hands #}}',
    'on-its-own' => 'On its own',
    'oven' => '{isNamed, select, yes{{oven}} other{Oven}}',
];
