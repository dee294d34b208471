<?php

declare(strict_types=1);

return [
    'blown-out' => 'what is white is so bright that its colour is lost; touch it where it is greyer, or photograph it again without glare',
    'white-is-too-dark' => 'what was touched as white is too dark to tell the light by; touch paper, a plate or a white cloth',
    'light-is-too-coloured' => 'the light was too coloured to tell; photograph it by a window or under a white lamp',
    'no-such-crust' => 'no crust has this colour in plain light; touch the crust itself, clear of fat that shines',
];
