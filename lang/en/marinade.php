<?php

declare(strict_types=1);

return [
    'much-acid-turns-poultry-chalky-past' => 'much acid turns poultry chalky past 4 h',
    'cooks-disagree-about-overnight-in-a' => 'cooks disagree about overnight; in a mild marinade it may stay',
    'red-meat-takes-salt-and-spice' => 'red meat takes salt and spice slowly: overnight is best',
    'acid-cooks-fish-and-prawns-half' => 'acid cooks fish and prawns: half an hour at most',
    'it-takes-up-flavour-at-its' => 'it takes up flavour at its skin only',
    'salt-draws-water-out-of-vegetables' => 'salt draws water out of vegetables',
    'green-papaya-takes-meat-apart-h' => 'green papaya takes meat apart: 4 h at most',
];
