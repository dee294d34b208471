<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;
use Orbek\Core\Pot\RingKind;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Water\BoilingPoint;

/** A pot as the lid is closed on it: what the steaming starts from. */
final readonly class SealedPot
{
    /** Base metal of a 24 cm medium pot, J/K; others by their mass. */
    public const BASE_J_PER_K = 650.0;

    /** What the walls of such a pot hold, 14 cm high, J/K; others by their base, height and width. */
    private const WALLS_J_PER_K = 400.0;

    private const WALLS_HIGH_CM = 14.0;

    private const WALLS_ACROSS_CM = 24.0;

    private const MOST_MIN = 720.0;

    /**
     * @param  non-empty-array<string, float>  $netW heat that reaches the pot at each ring's full setting, W, by ring
     * @param  non-empty-list<SealedLayer>  $layers from the base up
     * @param  float|null  $basePreheatC null for the bottom layer's temperature
     * @param  list<string>  $flames ids of the rings that are flames: of their heat some goes past a plate
     * @param  array<string, float>  $marks what low marks give over their share, by markKey()
     * @param  float  $lowMarks what all low marks give over that
     * @param  float  $browns how fast this pot browns over what its base does
     */
    private function __construct(
        public float $diameterCm,
        public float $heightCm,
        public float $baseJPerK,
        public array $netW,
        public float $boilC,
        public Seal $seal,
        public array $layers,
        public ?float $basePreheatC,
        private array $flames,
        private array $marks = [],
        private float $lowMarks = 1.0,
        public float $browns = 1.0,
    ) {
    }

    /**
     * @param  float|non-empty-array<string, float>  $netW at full setting, W; by ring where there are several
     * @param  list<SealedLayer>  $layers from the base up
     * @param  list<string>  $flames ids of the rings that are flames
     * @param  array<string, float>  $marks what low marks give over their share, by markKey()
     * @param  float  $browns how fast this pot browns over what its base does
     *
     * @throws Refused when there is none, or they stand higher than the pot
     */
    public static function of(
        float $diameterCm, float $heightCm, float $baseJPerK, float|array $netW, float $boilC, Seal $seal,
        array $layers,
        ?float $basePreheatC = null,
        array $flames = [],
        array $marks = [],
        float $browns = 1.0,
    ): self {
        if ($layers === []) {
            throw Refused::because('layers', 'refused.no-layer');
        }
        $highCm = self::highCm($diameterCm, $layers);
        if ($highCm > $heightCm) {
            throw Refused::because('layers', 'refused.too-high', highCm: $highCm, heightCm: $heightCm);
        }

        return new self(
            diameterCm: $diameterCm,
            heightCm: $heightCm,
            baseJPerK: $baseJPerK,
            netW: is_float($netW) ? ['' => $netW] : $netW,
            boilC: $boilC,
            seal: $seal,
            layers: $layers,
            basePreheatC: $basePreheatC,
            flames: $flames,
            marks: $marks,
            browns: $browns,
        );
    }

    /**
     * How high layers would lie, cm.
     *
     * @param  list<SealedLayer>  $layers
     */
    public static function highCm(float $diameterCm, array $layers): float
    {
        $litres = array_sum(array_map(static fn (SealedLayer $layer): float => $layer->stuff->litres, $layers));

        return 1000 * $litres / (M_PI * $diameterCm ** 2 / 4);
    }

    /** Heat that reaches the pot at a ring's full setting; at the first one's where it is not known. */
    public function netW(string $ring): float
    {
        return $this->netW[$ring] ?? array_values($this->netW)[0];
    }

    public function isFlame(string $ring): bool
    {
        return in_array($ring, $this->flames, true);
    }

    /** Heat that a cm of the wall holds, J/K. */
    public function wallJPerKPerCm(): float
    {
        return self::WALLS_J_PER_K / self::BASE_J_PER_K * $this->baseJPerK
            / self::WALLS_HIGH_CM * self::WALLS_ACROSS_CM / $this->diameterCm;
    }

    /** Marks up to so much of full are turned by eye: each gives what it gives (section D). */
    public const LOW_MARK = 0.35;

    /** By what a ring's mark is known. */
    public static function markKey(string $ring, float $setting): string
    {
        return $ring.'@'.(int) round(100 * $setting);
    }

    /** Heat that reaches the pot at a setting of a ring, W. */
    public function wattsAt(string $ring, float $setting): float
    {
        $full = $this->netW($ring) * $setting;

        return $setting > self::LOW_MARK ? $full
            : $full * $this->lowMarks * ($this->marks[self::markKey($ring, $setting)] ?? 1.0);
    }

    /** What a flame gives the pot, a part of it past a plate, W. */
    public function wattsInto(Flame $flame): float
    {
        return $this->wattsAt($flame->ring, $flame->setting)
            * ($flame->plate !== null && $this->isFlame($flame->ring) ? Fire::PLATE_OF_FLAME : 1.0);
    }

    /** The same on a stove whose low marks give so many times as much, and that browns so many times as fast. */
    public function turning(float $lowMarks, float $browns = 1.0): self
    {
        return new self(
            diameterCm: $this->diameterCm,
            heightCm: $this->heightCm,
            baseJPerK: $this->baseJPerK,
            netW: $this->netW,
            boilC: $this->boilC,
            seal: $this->seal,
            layers: $this->layers,
            basePreheatC: $this->basePreheatC,
            flames: $this->flames,
            marks: $this->marks,
            lowMarks: $lowMarks * $this->lowMarks,
            browns: $browns * $this->browns,
        );
    }

    /** The same on rings that give so many times as much. */
    public function heated(float $factor): self
    {
        return $this->copy(
            array_map(static fn (float $watts): float => $factor * $watts, $this->netW), $this->seal, $this->layers,
        );
    }

    public function under(Seal $seal): self
    {
        return $this->copy($this->netW, $seal, $this->layers);
    }

    /** Raw rice in it. */
    public function riceKg(): float
    {
        return array_sum(array_map(
            static fn (SealedLayer $layer): float => $layer instanceof SealedRice ? $layer->rawKg : 0.0, $this->layers,
        ));
    }

    /** @param  callable(SealedLayer): SealedLayer  $change of each layer */
    public function changed(callable $change): self
    {
        return $this->copy($this->netW, $this->seal, array_map($change, $this->layers));
    }

    /**
     * @param  non-empty-array<string, float>  $netW
     * @param  non-empty-list<SealedLayer>  $layers
     */
    private function copy(array $netW, Seal $seal, array $layers): self
    {
        return new self(
            diameterCm: $this->diameterCm,
            heightCm: $this->heightCm,
            baseJPerK: $this->baseJPerK,
            netW: $netW,
            boilC: $this->boilC,
            seal: $seal,
            layers: $layers,
            basePreheatC: $this->basePreheatC,
            flames: $this->flames,
            marks: $this->marks,
            lowMarks: $this->lowMarks,
            browns: $this->browns,
        );
    }

    /**
     * A case as schema/lid.json describes it.
     *
     * @param  Known<FillingKind>  $fillings
     * @param  Known<BaseKind>  $bases
     * @param  Known<Seal>  $seals
     * @param  Known<Cue>  $cues
     * @return array{self, non-empty-list<Stretch>}
     *
     * @throws Refused naming the field
     */
    public static function fromFields(Fields $fields, Known $fillings, Known $bases, Known $seals, Known $cues): array
    {
        $pot = $fields->object('pot');
        $ring = $fields->object('burner');
        $kind = $ring->one('kind', RingKind::class);
        $heat = HeatLine::fromFields($fields->each('heat'), $cues, field: 'heat');
        $minutes = array_sum(array_map(static fn (Stretch $stretch): float => $stretch->length(), $heat));
        Refused::unlessBetween('heat', $minutes, 0.5, self::MOST_MIN, 'min in all');

        return [self::of(
            diameterCm: $pot->number('diameter_cm', 10, 60, 'cm'),
            heightCm: $pot->number('height_cm', 4, 60, 'cm'),
            baseJPerK: $pot->number('base_heat_j_per_k', 50, 20000, 'J/K', self::BASE_J_PER_K),
            netW: $ring->number('watts', 200, 15000, 'W') * $ring->number('factor', 0.3, 3, '', 1)
                * $ring->number('efficiency', 0.2, 1, '', $kind->efficiency()),
            boilC: BoilingPoint::at($fields->number('altitude_m', -430, 5500, 'm', 0)),
            seal: $fields->known('seal', $seals),
            layers: array_map(
                static fn (Fields $layer): SealedLayer => SealedLayer::fromFields($layer, $fillings, $bases),
                $fields->each('layers'),
            ),
            basePreheatC: $fields->has('base_preheat_c') ? $fields->number('base_preheat_c', 5, 250, '°C') : null,
            flames: $kind->isFlame() ? [''] : [],
        ), $heat];
    }

    public function areaM2(): float
    {
        return M_PI * ($this->diameterCm / 100) ** 2 / 4;
    }
}
