<?php

declare(strict_types=1);

return [
    'by-hand' => '{isEarly, select, yes{Lid on: it is lifted before it boils again} other{Lid on till it boils again, then off}}. Stir once as the rice goes in, then not; take scum off as it rises.',
];
