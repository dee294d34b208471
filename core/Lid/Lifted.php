<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** The lid of a closed pot lifted for a moment, with or without hot water over the rice. */
final readonly class Lifted
{
    /** Water from the kettle as it meets the rice. */
    public const WATER_C = 90.0;

    /**
     * @param  float  $minute sealed
     * @param  float  $sprinkledKg over the rice
     */
    public function __construct(public float $minute, public float $sprinkledKg = 0.0)
    {
    }

    public function from(Steaming $pot): void
    {
        $pot->open();
        self::sprinkle($pot, $this->sprinkledKg);
    }

    /** Hot water over the rice of a pot that is open. */
    public static function sprinkle(Steaming $pot, float $kg): void
    {
        if ($kg > 0) {
            $pot->sprinkle($kg, self::WATER_C);
        }
    }

    /**
     * @param  list<self>  $all
     * @return list<self> the first first
     */
    public static function inOrder(array $all): array
    {
        usort($all, static fn (self $a, self $b): int => $a->minute <=> $b->minute);

        return $all;
    }
}
