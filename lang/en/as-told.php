<?php

declare(strict_types=1);

return [
    'quoted' => '“{says}”',
    'boil' => 'Boiled {isRange, select, yes{{least} to {most} min} other{{least} min}}, as you do it: in this water that is a grain that {stage}.{isSame, select, yes{ So it is planned} other{ Planned is {ours}}}.',
    'heat' => 'Your recipe: {says}. On this stove, for this pot, that comes out right in {theirs} of {of} kitchens{hasFault, select, yes{ ({fault})} other{}}; the heat found here in {ours}.',
    'heat-only' => 'Your recipe: {says}{hasFault, select, yes{ ({fault})} other{}}.',
    'heat-taken' => 'As your recipe has it: {says}.',
    'take-it' => 'take the recipe’s heat',
    'rest' => 'Your recipe lets it rest {isRange, select, yes{{least} to {most} min} other{{least} min}}.',
];
