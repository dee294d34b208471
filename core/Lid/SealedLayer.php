<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;

/** One layer as the lid is closed on it: crust, rice or filling. Masses in kg, temperatures in °C. */
abstract readonly class SealedLayer
{
    /** Rice and what is laid conduct by rest, W per m K (docs/model.md, section F). */
    public const CONDUCTS = 0.5;

    protected function __construct(
        public Matter $matter,
        public string $label,
        public Stuff $stuff,
        public float $celsius,
        /** W per m K. */
        public float $conducts,
        /** How readily its face browns on the base. */
        public float $browns,
    ) {
    }

    /**
     * A layer of schema/lid.json.
     *
     * @param  Known<FillingKind>  $fillings
     * @param  Known<BaseKind>  $bases
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $fillings, Known $bases): self
    {
        $matter = $fields->one('matter', Matter::class);
        $celsius = $fields->number('temperature_c', 0, 110, '°C');

        return match ($matter) {
            Matter::Crust => SealedCrust::of(
                $fields->known('kind', $bases), $fields->number('mass_g', 1, 5000, 'g') / 1000,
                $fields->number('water_share', 0.02, 0.95), $fields->number('fat_g', 0, 1000, 'g') / 1000, $celsius,
            ),
            Matter::Rice => SealedRice::boiled(
                $fields->one('rice', RiceKind::class),
                Soak::of($fields->number('soak_min', 0, 2880, 'min'), $fields->number('soak_c', 0, 60, '°C', 20)),
                $fields->number('raw_g', 1, 20000, 'g') / 1000, $fields->number('doneness', 0, 1), $celsius,
            )->wetter($fields->number('added_liquid_g', 0, 20000, 'g', 0) / 1000),
            Matter::Filling => self::filling($fields, $fillings, $celsius),
            Matter::Mixed => throw Refused::unknown(
                $fields->at('matter'), $matter->value, ['crust', 'rice', 'filling'],
            ),
        };
    }

    /** @param  Known<FillingKind>  $fillings */
    private static function filling(Fields $fields, Known $fillings, float $celsius): SealedFilling
    {
        $kind = $fields->known('kind', $fillings);

        return SealedFilling::of(
            $kind->name, $fields->number('mass_g', 1, 50000, 'g') / 1000, $fields->number('free_water_share', 0, 0.6),
            $kind->bulkKgPerLitre, $celsius,
            Pieces::of(
                $kind, $fields->number('half_thickness_mm', 1, 80, 'mm'), $celsius,
                $fields->flag('raw', false) ? 1.0 : 0.0, $fields->number('tenderness', 0, 10),
            ),
        );
    }
}
