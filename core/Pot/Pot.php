<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** A pot in the kitchen: a cylinder of a diameter and a volume. */
final readonly class Pot
{
    private function __construct(
        public string $id,
        public string $name,
        public PotMaterial $material,
        public float $diameterCm,
        public float $litres,
    ) {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('id'),
            $fields->text('name'),
            $fields->one('material', PotMaterial::class),
            $fields->number('diameter_cm', 10, 60, 'cm'),
            $fields->number('litres', 0.5, 60, 'L'),
        );
    }

    public function baseCm2(): float
    {
        return M_PI * $this->diameterCm ** 2 / 4;
    }

    public function heightCm(): float
    {
        return $this->litres * 1000 / $this->baseCm2();
    }
}
