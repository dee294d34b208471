<?php

declare(strict_types=1);

return [
    'sprinkle-ml-of-hot-water-or' => 'Sprinkle {share} ml of hot water or milk over the top, close it again, {minutes} min at {heat}.',
    'the-top-then-is-done-and' => 'The top then is {done} % done and weighs {uptake, number, ::.00} times its raw weight; the crust comes to {browning}.',
    'sprinkle-ml-of-hot-water-and' => 'Sprinkle {rawKg} ml of hot water and give it 25 min at {heat}: the top then is {steaming} % done. More time, not more water, does the rest.',
    'lid-ajar-min-at-steam-takes' => 'Lid ajar, {minutes} min at {heat}: steam takes {leakKg} g of water off.',
    'free-water-goes-from-to-g' => 'Free water goes from {before} to {steaming} g a kg of raw rice; the crust comes to {browning}.',
    'eighteen-minutes-with-the-lid-ajar' => 'Eighteen minutes with the lid ajar do not dry it: lift the top rice off on a platter and keep the bottom as a risotto-like base.',
    'by-the-model-it-is-already' => 'By the model it is {browning} already: leave it as it is and look when it is turned out.',
    'min-at-without-the-plate-brings' => '{half} min at {heat} without the plate brings it to {wanted}.',
    'four-minutes-more-and-it-is' => 'Four minutes more and it is {browning}: stand by it.',
    'twenty-minutes-of-strong-heat-do' => 'Twenty minutes of strong heat do not colour it: the base is too wet. Serve the rice, and fry the base alone in the pot.',
    'heat-off-now-the-base-into' => 'Heat off now, the base into a finger of cold water: by the model the crust is {colour} ({now, number, ::.0}); it creeps to {off, number, ::.0} off the heat, in five minutes more of this heat to {longer, number, ::.0}.',
    'the-rice-is-done-let-it' => 'The rice is done: let it rest, lift it off and leave the base where it is.',
    'the-rice-is-done-lift-it' => 'The rice is {done} % done: lift it off the base into another pot with {layers} ml of hot water and finish it on low heat.',
    'press-a-damp-cloth-or-foil' => 'Press a damp cloth or foil round the rim. Left as it is, {lost} g more steam gets out by the end.',
    'if-it-cannot-be-closed-sprinkle' => 'If it cannot be closed, sprinkle {lost} ml of hot water over the top and turn the heat down a fifth.',
    'that-is-little-it-can-stay' => 'That is little: it can stay as it is.',
    'min-more-at-make-it-tender' => '{minutes} min more at {heat} make it tender: it is {start} % of the way by the model.',
    'the-crust-comes-to-meanwhile-and' => 'The crust comes to {browning} meanwhile, and {steaming, select, yes{the rice gets wet: lift the top off first} other{the rice bears it}}.',
    'an-hour-and-a-half-under' => "An hour and a half under the lid does not do it. Lift the rice off, and give the meat its time in its gravy, or a pressure cooker by its maker's instructions.",
];
