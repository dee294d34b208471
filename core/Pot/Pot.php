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
        /** Power of a rice cooker's own plate, W; null for a pot that stands on a ring. */
        public ?float $cookerW,
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
            $fields->has('cooker_watts') ? $fields->number('cooker_watts', 100, 5000, 'W') : null,
        );
    }

    /** Heat its base metal holds, J/K: 650 for a 24 cm medium pot, by area and material (docs/model.md, section F). */
    public function baseJPerK(): float
    {
        return 650.0 * $this->baseCm2() / (M_PI * 24 ** 2 / 4) * $this->material->baseHeat();
    }

    public function baseCm2(): float
    {
        return M_PI * $this->diameterCm ** 2 / 4;
    }

    /** What it holds below the free height that steam needs. */
    public function usableLitres(): float
    {
        return $this->baseCm2() * max(0.1, $this->heightCm() - Section::FREE_CM) / 1000;
    }

    public function heightCm(): float
    {
        return $this->litres * 1000 / $this->baseCm2();
    }
}
