<?php

declare(strict_types=1);

return [
    'care' => 'Care',
    'the-usual-public-food-safety-advice' => 'The usual public food-safety advice, as Orbek shows it at the steps. Local rules and the makers\' instructions come first; a computed temperature is never proof of safety.',
];
