<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

/** Something that will not work as planned, at the station that can mend it. */
final readonly class Clash
{
    /** @param  list<Mend>  $mends */
    public function __construct(public Station $station, public string $says, public array $mends = [])
    {
    }
}
