<?php

declare(strict_types=1);

return [
    'a-batch-carries-off' => 'Each of {batches} batches carries off {litres, number, ::.00} L of the water and the salt in it; the next wants it back.',
    'raw-to-done-in-water-at' => 'Raw to done in water at 100 °C: {kind} takes {unsoakedTauS} min dry; {soak} it is {saturation} % full, which takes off {soakGain} %.',
    'value' => '^{belief}.',
    'times-of-rice' => '{perRice} times {raw} of rice{batches, plural, one{} other{, in # batches of {litres, number, ::.0} L in the same water}}.',
    'with-the-rice-it-fills-of' => 'With the rice it fills {fullL} % of {pot}; a quarter is kept free for froth.',
    'g-a-litre-in-l-teaspoons' => '{saltGPerL} g a litre in {waterKg, number, ::.0} L: {teaspoons, number, ::.0} teaspoons of {salt} salt at {gramsPerTeaspoon} g each.',
    'the-rice-keeps-l-of-the' => 'The rice keeps {keptWaterL, number, ::.00} L of the salted water, 85 % of its strength: {boilG, number, ::.0} g{soaked, select, yes{, and {soakG, number, ::.0} g from the soak} other{}}.',
    'the-cold-rinse-takes-g-off' => 'The cold rinse takes {rinsedOffG, number, ::.0} g off again. The rest goes down the sink.',
    'the-rest-goes-down-the-sink' => 'The rest goes down the sink.',
    'the-rice-takes-the-water-from' => 'The rice takes the water from {boilC, number, ::.0} to {afterRiceC, number, ::.0} °C; {ring} brings {netW} W to it with the lid on.',
    'at-m-water-boils-at-c' => '^{soak}, at {altitudeM} m water boils at {boilC, number, ::.0} °C; {belief}.',
    'lifted-as-it-feels' => 'Lifted when a grain is {target} % done between the fingers; {handDelayS} s in hand to the colander and what it cooks on there make it {inPot} % in the pot.',
];
