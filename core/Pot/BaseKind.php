<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** What the crust (tahdig) is made of: a row of schema/craft/bases.json (docs/model.md, sections E and F). */
final readonly class BaseKind
{
    /** The base of most dishes, and what a clean one is reckoned as. */
    public const RICE = 'rice';

    private function __construct(
        public string $id,
        public string $name,
        /** Whether something of its own is laid over the base. */
        public bool $isLaid,
        public bool $takesRice,
        /** How readily it browns against plain rice at 0.9. */
        public float $browns,
        /** Water in it as it is laid, by mass. */
        public float $waterShare,
        /** Bulk density of the layer it makes. */
        public float $kgPerLitre,
        /** Mass of what is laid over the base; 0 where it is rice or nothing. */
        public float $gramsPerCm2,
        /** Yogurt over the base's raw rice, by weight. */
        public float $yogurtShare,
        /** What a slice covers, and how thick it usually is; 0 where it is not sliced. */
        public float $sliceCm2,
        public float $sliceMm,
        /** What it is bought as, and how much of that is left. */
        public ?string $boughtAs,
        public float $yield,
        public bool $isBaked,
        /** @var array<string, string> what guests must be told of, by allergen: where it is */
        public array $holds,
        /** Minutes of strong heat that it wants, from and to; null where its colour alone decides. */
        public ?float $strongFromMin,
        public ?float $strongToMin,
    ) {
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        $bought = $fields->has('bought') ? $fields->object('bought') : null;
        $holds = $fields->has('holds') ? $fields->object('holds') : null;
        $strong = $fields->has('strong_min') ? $fields->object('strong_min') : null;
        $told = [];
        foreach ($holds?->names() ?? [] as $allergen) {
            $told[$allergen] = $holds?->text($allergen) ?? '';
        }

        return new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            isLaid: $fields->flag('is_laid', true),
            takesRice: $fields->flag('takes_rice', false),
            browns: $fields->number('browns', 0.1, 4),
            waterShare: $fields->number('water_share', 0, 1),
            kgPerLitre: $fields->number('kg_per_l', 0.1, 1.5, 'kg/L'),
            gramsPerCm2: $fields->number('g_per_cm2', 0, 3, 'g/cm²', 0),
            yogurtShare: $fields->number('yogurt_share', 0, 2, '', 0),
            sliceCm2: $fields->number('slice_cm2', 0, 400, 'cm²', 0),
            sliceMm: $fields->number('slice_mm', 0, 40, 'mm', 0),
            boughtAs: $bought?->text('name'),
            yield: $bought?->number('yield', 0.05, 4) ?? 1.0,
            isBaked: $fields->has('aisle') && $fields->text('aisle') === 'bakery',
            holds: $told,
            strongFromMin: $strong?->number('from', 0, 30, 'min'),
            strongToMin: $strong?->number('to', 0, 30, 'min'),
        );
    }
}
