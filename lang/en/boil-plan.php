<?php

declare(strict_types=1);

return [
    'a-batch-carries-off' => 'Each of {batches} batches carries off {litres, number, ::.00} L of the water and the salt in it; the next wants it back.',
    'tau' => 'Raw to done in water at 100 °C: {kind} takes {unsoakedTauS} min dry; {soak} it is {saturation} % full, which takes off {soakGain} %.',
    'belief' => '^{belief}.',
    'times-of-rice' => '{perRice} times {raw} of rice{batches, plural, one{} other{, in # batches of {litres, number, ::.0} L in the same water}}.',
    'fills-the-pot' => 'With the rice it fills {fullL} % of {pot}; a quarter is kept free for froth.',
    'salt-in-the-water' => '{saltGPerL} g a litre in {waterKg, number, ::.0} L: {teaspoons, number, ::.0} teaspoons of {salt} salt at {gramsPerTeaspoon} g each.',
    'salt-kept' => 'The rice keeps {keptWaterL, number, ::.00} L of the salted water, 85 % of its strength: {boilG, number, ::.0} g{soaked, select, yes{, and {soakG, number, ::.0} g from the soak} other{}}.',
    'salt-rinsed-off' => 'The cold rinse takes {rinsedOffG, number, ::.0} g off again. The rest goes down the sink.',
    'salt-poured-away' => 'The rest goes down the sink.',
    'back-at-the-boil' => 'The rice takes the water from {boilC, number, ::.0} to {afterRiceC, number, ::.0} °C; {ring} brings {netW} W to it with the lid on.',
    'boiling-point' => '^{soak}, at {altitudeM} m water boils at {boilC, number, ::.0} °C; {belief}.',
    'lifted-as-it-feels' => 'Lifted when a grain is {target} % done between the fingers; {handDelayS} s in hand to the colander and what it cooks on there make it {inPot} % in the pot.',
];
