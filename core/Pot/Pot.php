<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A pot in the kitchen: a cylinder of a diameter and a volume. */
final readonly class Pot
{
    private const AREA_24_CM2 = M_PI * 24 ** 2 / 4;

    private const LIDDED_W_PER_K = 2.2;

    /** No pot is lower or higher inside. */
    private const LOWEST_CM = 3.0;

    private const HIGHEST_CM = 60.0;

    private const OPEN_W_PER_M2 = 7000.0;

    private function __construct(
        public string $id,
        public string $name,
        public PotMaterial $material,
        public float $diameterCm,
        public float $litres,
        public LidFit $lid,
        /** One long one, or two. */
        public int $handles,
        /** Whether an induction ring finds it. */
        public bool $isMagnetic,
        /** What makes it a rice cooker; null for a pot that stands on a ring. */
        public ?Cooker $cooker,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $material = $fields->one('material', PotMaterial::class);
        $pot = new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            material: $material,
            diameterCm: $fields->number('diameter_cm', 10, 60, 'cm'),
            litres: $fields->number('litres', 0.5, 60, 'L'),
            lid: $fields->one('lid', LidFit::class, LidFit::Tight),
            handles: $fields->whole('handles', 1, 2, 2),
            isMagnetic: $fields->flag('induction', $material->isMagnetic()),
            cooker: $fields->has('cooker') ? Cooker::fromFields($fields->object('cooker')) : null,
        );
        if ($pot->heightCm() < self::LOWEST_CM || $pot->heightCm() > self::HIGHEST_CM) {
            throw Refused::because(
                $fields->at('diameter_cm, litres'), 'refused.no-pot-is-so-high', litres: $pot->litres,
                diameter: $pot->diameterCm, height: $pot->heightCm(),
                from: self::LOWEST_CM * $pot->baseCm2() / 1000, to: self::HIGHEST_CM * $pot->baseCm2() / 1000,
            );
        }

        return $pot;
    }

    /** Heat its base metal holds, J/K: 650 for a 24 cm medium pot, by area and material (docs/model.md, section F). */
    public function baseJPerK(): float
    {
        return 650.0 * $this->baseCm2() / self::AREA_24_CM2 * $this->material->baseHeat();
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

    /**
     * What it loses closed, on its way to the boil, for each degree over the room, W/K: 2.2 of a 24 cm pot (section A).
     */
    public function liddedLossWPerK(): float
    {
        return self::LIDDED_W_PER_K * $this->baseCm2() / self::AREA_24_CM2;
    }

    /** What open boiling water in it gives away, W: 7 kW a square metre at 90 °C and over (section A). */
    public function openLossW(): float
    {
        return self::OPEN_W_PER_M2 * $this->baseCm2() / 1e4;
    }
}
