<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** The crust's colour as it was turned out. */
enum CrustOutcome: string
{
    case Pale = 'pale';
    case Straw = 'straw';
    case Golden = 'golden';
    case Amber = 'amber';
    case Dark = 'dark';
    case Burnt = 'burnt';

    public function label(): string
    {
        return $this->value;
    }
}
