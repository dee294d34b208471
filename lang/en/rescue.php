<?php

declare(strict_types=1);

return [
    'sprinkle-the-top' => 'Sprinkle {share} ml of hot water or milk over the top, close it again, {minutes} min at {heat}.',
    'top-then' => 'The top then is {done} % done and weighs {uptake, number, ::.00} times its raw weight; the crust comes to {browning}.',
    'sprinkle-and-wait' => 'Sprinkle {rawKg} ml of hot water and give it 25 min at {heat}: the top then is {steaming} % done. More time, not more water, does the rest.',
    'lid-ajar' => 'Lid ajar for {minutes} min at {heat}: {leakKg} g of water go off as steam.',
    'free-water-after' => 'Free water: {before} g a kg of raw rice now, {steaming} g then; the crust comes out {browning}.',
    'lid-ajar-is-not-enough' => 'Eighteen minutes with the lid ajar do not dry it: lift the top rice off on a platter and keep the bottom as a risotto-like base.',
    'coloured-already' => 'By the model it is {browning} already: leave it as it is and look when it is turned out.',
    'strong-heat' => '{half} min at {heat} without the plate brings it to {wanted}.',
    'stand-by-it' => 'Four minutes more and it is {browning}: stand by it.',
    'strong-heat-is-not-enough' => 'Twenty minutes of strong heat do not colour it: the base is too wet. Serve the rice, and fry the base alone in the pot.',
    'heat-off-base-in-water' => 'Heat off now, the base into a finger of cold water. As reckoned the crust is {colour}; {isSame, select, yes{left standing it stays so} other{left standing it goes on to {off}}}, in five minutes more of this heat to {longer}.',
    'rice-done-leave-base' => 'The rice is done: let it rest, lift it off and leave the base where it is.',
    'lift-rice-off' => 'The rice is {done} % done: lift it off the base into another pot with {layers} ml of hot water and finish it on low heat.',
    'close-the-rim' => 'Press a damp cloth or foil round the rim. Left as it is, {lost} g more steam gets out by the end.',
    'sprinkle-what-leaks' => 'If it cannot be closed, sprinkle {lost} ml of hot water over the top and turn the heat down a fifth.',
    'leaks-little' => 'That is little: it can stay as it is.',
    'longer-till-tender' => '{minutes} min more at {heat} make it tender: it is {start} % of the way by the model.',
    'meanwhile' => 'Meanwhile the crust comes out {browning}, and {steaming, select, yes{the rice gets wet: lift the top off first} other{the rice is none the worse}}.',
    'not-tender-in-time' => "An hour and a half under the lid does not do it. Lift the rice off, and give the meat its time in its gravy, or a pressure cooker by its maker's instructions.",
];
