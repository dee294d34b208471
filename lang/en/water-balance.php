<?php

declare(strict_types=1);

return [
    'right' => 'right',
    'layer-the-filling' => 'Layer the filling {wetness}',
    'sprinkle' => 'Sprinkle the top before the lid',
    'seal-with' => 'Seal with {seal}',
    'sprinkle-nothing' => 'Sprinkle nothing',
    'right-on-the-firm-side' => 'right, on the firm side',
    'on-the-wet-side' => 'on the wet side',
    'too-dry' => 'too dry',
    'too-wet' => 'too wet',
];
