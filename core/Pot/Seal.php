<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** How the pot is closed: a row of schema/craft/seals.json (docs/model.md, section F). */
final readonly class Seal
{
    /** What a wet pot is mended with: its cloth takes what drips. */
    public const CLOTH = 'cloth';

    /** What a dry pot is mended with. */
    public const FOIL = 'foil';

    /** Nothing but the pot's own lid. */
    public const TIGHT_LID = 'tight-lid';

    /** A lid ajar, or one that leaks. */
    public const LOOSE_LID = 'loose-lid';

    public const VENTED_LID = 'vented-lid';

    /** A rope 1.5 cm thick: 1.77 cm² of dough at 1.24 g per cm³. */
    public const DOUGH_G_PER_CM = 2.2;

    private const DOUGH_G_PER_CM3 = 1.24;

    /** A sheet is rolled so thick. */
    private const SHEET_CM = 0.4;

    private const SHEET_OVER_CM = 3.0;

    /** @param  list<string>  $drawn what is drawn of it, each a file of resources/views/components/drawing/seal */
    private function __construct(
        public string $id,
        public string $name,
        /** Share of the steam reaching the lid that gets out. */
        public float $leakShare,
        /** Share of the water dripping off the lid that its cloth takes up. */
        public float $clothTakes,
        /** What its cloth holds at most, kg. */
        public float $clothHoldsKg,
        /** As it is rolled; null where it has none. */
        public ?DoughForm $dough,
        public bool $hasFoil,
        /** Hangs out of the pot, where a flame may reach it. */
        public bool $hasCloth,
        /** Its cloth goes under the lid when steam shows: before that there is nothing for it to take. */
        public bool $isLater,
        public array $drawn,
        /** Whether it is proposed where another seal would mend something. */
        public bool $isOffered,
    ) {
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            leakShare: $fields->number('leaks', 0, 0.95),
            clothTakes: $fields->number('drips_taken', 0, 1, '', 0),
            clothHoldsKg: $fields->number('holds_g', 0, 1000, 'g', 0) / 1000,
            dough: $fields->has('dough') ? $fields->one('dough', DoughForm::class) : null,
            hasFoil: $fields->flag('has_foil', false),
            hasCloth: $fields->flag('has_cloth', false),
            isLater: $fields->flag('is_later', false),
            drawn: $fields->texts('drawn'),
            isOffered: $fields->flag('offered', false),
        );
    }

    /**
     * Length of a dough rope for a rim, cm: π (d + 2 cm) (section E).
     *
     * @return float|null null for a seal without a rope
     */
    public function doughRopeCm(float $diameterCm): ?float
    {
        return $this->dough === DoughForm::Rope ? M_PI * ($diameterCm + 2) : null;
    }

    /** A sheet of dough over the whole pot like a pie's lid, 3 cm over the rim, g; null for a seal without one. */
    public function doughSheetG(float $diameterCm): ?float
    {
        return $this->dough === DoughForm::Sheet
            ? M_PI / 4 * ($diameterCm + 2 * self::SHEET_OVER_CM) ** 2 * self::SHEET_CM * self::DOUGH_G_PER_CM3 : null;
    }
}
