<?php

declare(strict_types=1);

return [
    'the-heat-found' => 'take the heat found for this pot, by its cue',
    'keep-to-the-cue' => 'nothing in the dish: wait for the cue of the first heat, and set a timer where it has none',
    'as-it-is-planned' => 'nothing: as it is planned now, by its cues, it takes that',
    'another-heat' => 'another heat ({heats}): {first, plural, =0{the first as long} other{the first {first, number, +0;-0} min}}, {low, plural, =0{then as long} other{then {low, number, +0;-0} min}}',
    'after-the-cue' => '{minutes, number, ::.0} min {more, select, yes{more} other{less}} after {till}'
        .'{low, plural, =0{} other{, {low, number, ::.0} min {lowMore, select, yes{more} other{less}} on low heat}}',
    'minutes' => '{first, plural, =0{} other{the first heat {first, number, ::.0} min {firstMore, select, yes{longer} other{shorter}}}}'
        .'{low, plural, =0{} other{{first, plural, =0{} other{, }}the low heat {low, number, ::.0} min {lowMore, select, yes{longer} other{shorter}}}}',
];
