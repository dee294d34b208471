<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Sane;

/** How the raw rice stood in water before the boil. */
final readonly class Soak
{
    /** Share of its raw weight that a fully soaked grain takes up. */
    public const FULL_GAIN = 0.28;

    private const LONGEST_MIN = 48 * 60;

    /** Past this it belongs in the fridge (practice: wash and soak). */
    private const LONGEST_OUT_MIN = 240;

    /** Water this cold stands in one. */
    private const FRIDGE_C = 8.0;

    private function __construct(public float $minutes, public float $celsius, public float $saltGPerL)
    {
    }

    public static function of(float $minutes, float $celsius, float $saltGPerL = 0.0): self
    {
        return new self(
            Sane::between('soak', $minutes, 0.0, (float) self::LONGEST_MIN),
            Sane::between('soak-temp', $celsius, 0.0, 60.0),
            Sane::between('soak-salt', $saltGPerL, 0.0, 80.0),
        );
    }

    /**
     * S: how full the grain is, 0 dry … 1.
     *
     * S = 1 − exp(−t/theta), theta = theta20 · exp(−0.035 (T − 20)): warm water soaks faster.
     */
    public function saturation(RiceKind $kind): float
    {
        $theta = $kind->soakTimeConstantS() * exp(-0.035 * ($this->celsius - 20.0));

        return 1.0 - exp(-$this->minutes * 60 / $theta);
    }

    public function isLong(): bool
    {
        return $this->minutes > self::LONGEST_OUT_MIN;
    }

    public function isInTheFridge(): bool
    {
        return $this->celsius <= self::FRIDGE_C;
    }

    public function belongsInTheFridge(): bool
    {
        return $this->isLong() && ! $this->isInTheFridge();
    }

    public function words(): Note
    {
        return $this->minutes < 0.5
            ? Note::of('soak.not-soaked')
            : Note::of(
                'soak.soaked',
                minutes: Quantity::minutes($this->minutes),
                celsius: round($this->celsius, 1),
            );
    }
}
