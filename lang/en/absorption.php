<?php

declare(strict_types=1);

return [
    'target-weight' => 'The rice is to weigh {target} times its raw weight{folded, select, yes{, since a wet filling is folded in} other{}}: it takes {takenG} g more{isGained, select, yes{, having {gain} g from the soak} other{}}.',
    'lost-as-steam' => '{openG} g boil off without the lid, {lidG} g get past it; the filling brings {fillingFreeG} g.',
    'of-it-broth' => '{liquid} g in all, {brothG} g of it broth, by weight.',
    'cup-size' => '^{cup}, {millilitres} ml each; a millilitre of water weighs a gram.',
    'cooker-line' => "A cooker's line counts {cupMl} ml cups of plain unsoaked rice at {perMark} g of water each, and {scaleLossG} g for its steam hole.",
];
