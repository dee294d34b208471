<?php

declare(strict_types=1);

return [
    'poultry-in-acid' => 'much acid turns poultry chalky past 4 h',
    'poultry-overnight' => 'cooks disagree about overnight; in a mild marinade it may stay',
    'red-meat' => 'red meat takes salt and spice slowly: overnight is best',
    'fish-in-acid' => 'acid cooks fish and prawns: half an hour at most',
    'at-its-skin' => 'it takes up flavour at its skin only',
    'vegetables' => 'salt draws water out of vegetables',
    'papaya' => 'green papaya takes meat apart: 4 h at most',
];
