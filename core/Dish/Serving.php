<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** How the pot comes to the table. */
enum Serving: string
{
    case Whole = 'whole';
    case Lifted = 'lifted';
    case Scooped = 'scooped';
    case Mixed = 'mixed';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'turned out whole',
            self::Lifted => 'rice lifted off, crust after it',
            self::Scooped => 'scooped down one side, all layers on each plate',
            self::Mixed => 'top rice set aside, the rest mixed gently, topped again',
        };
    }

    public function task(): string
    {
        return match ($this) {
            self::Whole => 'Turn out',
            self::Lifted => 'Lift off rice and crust',
            self::Scooped => 'Open and scoop',
            self::Mixed => 'Open, set the top aside, mix gently',
        };
    }
}
