<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Mass;

/** Where lifted rice waits for its pot, and how it cools there (docs/model.md, section A). */
enum Draining: string
{
    case Heap = 'heap';
    case Tray = 'tray';
    case Rinse = 'rinse';
    case Standing = 'standing';

    /** From the decision to the colander, still in the boil. */
    public const HAND_DELAY_S = 45.0;

    /** Time constant of a heap of HEAP_KG; of others by the cube root of their mass. */
    private const HEAP_S = 27 * 60.0;

    private const HEAP_KG = 1.1;

    /** Time constant for each cm of depth on a tray; the tray. */
    private const TRAY_S_PER_CM = 8 * 60.0;

    private const TRAY_M2 = 0.12;

    private const RINSED_C = 30.0;

    private const RINSED_S = 20.0;

    /** Of the water with the flame off. */
    private const STANDING_S = 60 * 60.0;

    private const STEP_S = 2.0;

    /** Seconds' worth of 100 °C that lifted rice still gets before the pot. */
    public function carryOverS(Mass $drained, float $boilC, float $roomC, float $waitS): float
    {
        $exposure = 0.0;
        for ($s = self::STEP_S / 2; $s < $waitS; $s += self::STEP_S) {
            $speed = CookingFront::speed($this->celsiusAfter($s, $drained, $boilC, $roomC));
            if ($speed === 0.0) {
                break;
            }
            $exposure += $speed * self::STEP_S;
        }

        return $exposure;
    }

    /** Temperature of the rice so many seconds after it was lifted. */
    public function celsiusAfter(float $seconds, Mass $drained, float $boilC, float $roomC): float
    {
        $depthCm = $drained->kg / RiceKind::DRAINED_KG_PER_L / (10 * self::TRAY_M2);

        return match ($this) {
            self::Heap => self::cooled(
                $seconds, self::HEAP_S * ($drained->kg / self::HEAP_KG) ** (1 / 3), $boilC, $roomC,
            ),
            self::Tray => self::cooled($seconds, self::TRAY_S_PER_CM * $depthCm, $boilC, $roomC),
            self::Standing => self::cooled($seconds, self::STANDING_S, $boilC, $roomC),
            self::Rinse => $boilC + (self::RINSED_C - $boilC) * min(1.0, $seconds / self::RINSED_S),
        };
    }

    private static function cooled(float $seconds, float $constantS, float $boilC, float $roomC): float
    {
        return $roomC + ($boilC - $roomC) * exp(-$seconds / max(1.0, $constantS));
    }
}
