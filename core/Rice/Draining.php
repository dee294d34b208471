<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Mass;

/** Where lifted rice waits for its pot, and how much it cooks on there. */
enum Draining: string
{
    case Heap = 'heap';
    case Tray = 'tray';
    case Rinse = 'rinse';

    /** From the decision to the colander, still in the boil. */
    public const HAND_DELAY_S = 45.0;

    private const HEAP_S = 480.0;

    private const HEAP_KG = 1.1;

    private const TRAY_S = 180.0;

    private const RINSED_C = 30.0;

    private const RINSED_S = 20.0;

    public function label(): string
    {
        return match ($this) {
            self::Heap => 'left in a heap',
            self::Tray => 'spread on a tray',
            self::Rinse => 'rinsed cold',
        };
    }

    /**
     * Carry-over: seconds' worth of 100 °C that drained rice still gets before the pot.
     *
     * A heap cools to the room with a time constant of 8 min per 1.1 kg, growing with the cube
     * root of its mass; a tray takes 3 min; a cold rinse reaches 30 °C in 20 s.
     */
    public function carryOverS(Mass $drained, float $boilC, float $roomC, float $waitS): float
    {
        $step = 2.0;
        $exposure = 0.0;
        for ($s = $step / 2; $s < $waitS; $s += $step) {
            $speed = CookingFront::speed($this->celsiusAfter($s, $drained, $boilC, $roomC));
            if ($speed === 0.0) {
                break;
            }
            $exposure += $speed * $step;
        }

        return $exposure;
    }

    /** Temperature of the drained rice so many seconds after it left the water. */
    public function celsiusAfter(float $seconds, Mass $drained, float $boilC, float $roomC): float
    {
        return match ($this) {
            self::Heap => $roomC + ($boilC - $roomC) * exp(-$seconds / (self::HEAP_S * ($drained->kg / self::HEAP_KG) ** (1 / 3))),
            self::Tray => $roomC + ($boilC - $roomC) * exp(-$seconds / self::TRAY_S),
            self::Rinse => $boilC + (self::RINSED_C - $boilC) * min(1.0, $seconds / self::RINSED_S),
        };
    }
}
