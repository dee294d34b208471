<?php

declare(strict_types=1);

return [
    'source' => 'Weights of spoons, pieces, pinches, handfuls, bunches and tins: our own kitchen table, rounded. Nutrients a 100 g raw: rounded from what public food composition tables give for the plain food; tins drained.',
    'what-is-counted' => 'Of what is measured out, for {servings, plural, one{one serving} other{# servings}}; of fat in pan and pot four fifths.',
    'part' => '{food}: {kcal} kcal.',
];
