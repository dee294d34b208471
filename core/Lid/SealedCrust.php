<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\BaseKind;
use Orbek\Core\Pot\Matter;

/** What is laid on the base to brown. */
final readonly class SealedCrust extends SealedLayer
{
    /**
     * @param  float  $waterShare of the mass
     * @param  float  $fatKg beside it
     */
    public static function of(BaseKind $kind, float $massKg, float $waterShare, float $fatKg, float $celsius): self
    {
        $stuff = new Stuff(
            $massKg * (1 - $waterShare), $fatKg, $massKg * $waterShare, 0.0, $massKg / $kind->kgPerLitre,
        );

        return new self(Matter::Crust, $kind->name, $stuff, $celsius, self::CONDUCTS, $kind->browns);
    }
}
