<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Water\BoilingPoint;

/** A pot as the lid is closed on it: what the steaming starts from. */
final readonly class SealedPot
{
    /** Base metal of a 24 cm medium pot, J/K; others by their mass. */
    public const BASE_J_PER_K = 650.0;

    private const MOST_MIN = 720.0;

    /**
     * @param  float  $netW heat that reaches the pot at full setting
     * @param  non-empty-list<SealedLayer>  $layers from the base up
     * @param  float|null  $basePreheatC null for the bottom layer's temperature
     */
    private function __construct(
        public float $diameterCm,
        public float $heightCm,
        public float $baseJPerK,
        public float $netW,
        public float $boilC,
        public Seal $seal,
        public array $layers,
        public ?float $basePreheatC,
    ) {
    }

    /**
     * @param  list<SealedLayer>  $layers from the base up
     *
     * @throws OutOfRange when there is none, or they stand higher than the pot
     */
    public static function of(float $diameterCm, float $heightCm, float $baseJPerK, float $netW, float $boilC, Seal $seal, array $layers, ?float $basePreheatC = null): self
    {
        if ($layers === []) {
            throw OutOfRange::because('layers', 'the list is empty;', 'give at least one layer');
        }
        $highCm = 1000 * array_sum(array_map(static fn (SealedLayer $layer): float => $layer->litres, $layers)) / (M_PI * $diameterCm ** 2 / 4);
        if ($highCm > $heightCm) {
            throw OutOfRange::because('layers', sprintf('they stand %.1f cm high in a pot of %.1f cm;', $highCm, $heightCm), 'give less, or a larger pot');
        }

        return new self($diameterCm, $heightCm, $baseJPerK, $netW, $boilC, $seal, $layers, $basePreheatC);
    }

    /**
     * The same pot on another heat, with another seal, with other layers: what is asked "what if".
     *
     * @param  non-empty-list<SealedLayer>|null  $layers
     */
    public function with(?float $netW = null, ?Seal $seal = null, ?array $layers = null): self
    {
        return new self($this->diameterCm, $this->heightCm, $this->baseJPerK, $netW ?? $this->netW, $this->boilC, $seal ?? $this->seal, $layers ?? $this->layers, $this->basePreheatC);
    }

    /**
     * A case as schema/lid.json describes it.
     *
     * @return array{self, non-empty-list<HeatBlock>}
     *
     * @throws OutOfRange naming the field
     */
    public static function fromFields(Fields $fields): array
    {
        $pot = $fields->object('pot');
        $burner = $fields->object('burner');
        $heat = HeatLine::fromFields($fields->each('heat'), 'heat')->blocks;
        $minutes = array_sum(array_map(static fn (HeatBlock $block): float => $block->minutes, $heat));
        OutOfRange::unlessBetween('heat', $minutes, 0.5, self::MOST_MIN, 'min in all');

        return [self::of(
            $pot->number('diameter_cm', 10, 60, 'cm'),
            $pot->number('height_cm', 4, 60, 'cm'),
            $pot->number('base_heat_j_per_k', 50, 20000, 'J/K', self::BASE_J_PER_K),
            $burner->number('watts', 200, 15000, 'W') * $burner->one('kind', BurnerKind::class)->efficiency() * $burner->number('factor', 0.3, 3, '', 1),
            BoilingPoint::at($fields->number('altitude_m', -430, 5500, 'm', 0)),
            $fields->one('seal', Seal::class),
            array_map(SealedLayer::fromFields(...), $fields->each('layers')),
            $fields->has('base_preheat_c') ? $fields->number('base_preheat_c', 5, 250, '°C') : null,
        ), $heat];
    }

    public function areaM2(): float
    {
        return M_PI * ($this->diameterCm / 100) ** 2 / 4;
    }
}
