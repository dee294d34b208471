<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Heat\Foretold;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Pot;

/** Something that goes wrong under one of a dish's lids. */
final readonly class PotFault
{
    /** @param  Pot|null  $pot which one, where there are several */
    public function __construct(public Foretold $foretold, public ?Pot $pot)
    {
    }

    public function says(): Note
    {
        return $this->pot === null
            ? $this->foretold->says
            : Note::of('pot-fault.in', pot: $this->pot->name, says: $this->foretold->says);
    }
}
