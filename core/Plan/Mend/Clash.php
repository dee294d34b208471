<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Station;

/** Something that will not work as planned, at the station that can mend it. */
final readonly class Clash
{
    /** @param  list<Mend>  $mends */
    public function __construct(public Station $station, public Note $says, public array $mends = [])
    {
    }
}
