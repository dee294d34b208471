<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;

/** The base of the pot: crust or none, and its fat. */
final readonly class Base
{
    private function __construct(
        public BaseKind $kind, public float $riceShare, public float $fatMlPerCm2, public CrustColour $crust,
        /** How thick its slices are cut; 0 where it is not sliced. */
        public float $sliceMm,
    ) {
    }

    /** Mass of what is laid over the base: thicker slices weigh more. */
    public function gramsPerCm2(): float
    {
        return $this->kind->gramsPerCm2 * ($this->kind->sliceMm > 0 ? $this->sliceMm / $this->kind->sliceMm : 1.0);
    }

    /**
     * @param  Known<BaseKind>  $kinds
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $kinds): self
    {
        $kind = $fields->known('kind', $kinds);

        return new self(
            $kind,
            $kind->takesRice ? $fields->number('rice_share', 0.05, 0.6) : 0.0,
            $fields->number('fat_ml_per_cm2', 0, 0.4, 'ml per cm²', 0.075),
            $fields->one('crust', CrustColour::class, $kind->isLaid ? CrustColour::Golden : CrustColour::Pale),
            $kind->sliceMm > 0 ? $fields->number('slice_mm', 2, 15, 'mm', $kind->sliceMm) : 0.0,
        );
    }
}
