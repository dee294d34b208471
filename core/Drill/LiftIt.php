<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Sane;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;

/**
 * A boil run fast, of a bag and a ring nobody knows, to be lifted when a grain is at its stage.
 */
final readonly class LiftIt
{
    private const RAW_KG = 0.5;

    private const WATER_KG = 3.5;

    private const POWER_W = 1000.0;

    private const SOAK_MIN = 30.0;

    private const LONGEST_S = 2400.0;

    private function __construct(
        public Stage $target, public float $factor, private Boil $boil,
    ) {
    }

    /**
     * @param  list<float>  $chances four in 0 … 1: target, two for the bag, one for the ring
     */
    public static function of(array $chances): self
    {
        [$which, $one, $two, $ring] = [...$chances, 0.5, 0.5, 0.5, 0.5];
        $targets = [Stage::HardHeart, Stage::Rises, Stage::Breaks, Stage::Thread];
        $soak = Soak::of(self::SOAK_MIN, 20);
        $kind = RiceKind::AgedBasmati;
        $raw = Mass::kilograms(self::RAW_KG);
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked($raw, $kind, $soak), Mass::kilograms(self::WATER_KG),
            self::POWER_W * (0.75 + 0.5 * $ring), 100, 20,
        );
        $target = $targets[min(3, (int) floor(4 * $which))];
        // Box and Muller's way from two even chances to a normal one.
        $normal = sqrt(-2 * log(max(1e-6, min(1.0, $one)))) * cos(2 * M_PI * $two);

        return new self($target, exp($normal * hypot(FactorBelief::PRIOR_SD, FactorBelief::DAY_SD)), $boil);
    }

    /** Doneness in the water so many seconds after the rice went in. */
    public function donenessAfter(float $seconds): float
    {
        return $this->boil->donenessAfter($seconds, $this->factor);
    }

    /** How far from the target the grain was between the fingers, in doneness; positive is too far. */
    public function off(float $seconds): float
    {
        Sane::between('seconds', $seconds, 0, self::LONGEST_S);

        return $this->donenessAfter($seconds) - $this->target->doneness();
    }

    /** The second at which it should have been lifted. */
    public function rightAt(): float
    {
        return $this->boil->secondsTo($this->target->doneness(), $this->factor);
    }
}
