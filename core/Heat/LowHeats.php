<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Fire;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stack;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Ring;

/** The low heats that are worth trying under a pot: those that just hold steam, of what knobs and plates can do. */
final class LowHeats
{
    /**
     * @param  int  $hold settings that hold steam, of each ring and plate
     * @param  int  $below settings below them
     * @return list<Flame>
     */
    public static function of(SealedPot $pot, Stove $stove, int $hold, int $below): array
    {
        $lows = [];
        foreach ($stove->rings() as $ring) {
            foreach ($stove->footings() as $plate) {
                array_push($lows, ...self::on($pot, $ring, $plate, $hold, $below));
            }
        }

        return $lows;
    }

    /** @return list<Flame> */
    private static function on(SealedPot $pot, Ring $ring, ?Plate $plate, int $hold, int $below): array
    {
        $wanted = self::holdingW($pot, $ring->id, $plate) / $pot->netW($ring->id);
        $shares = $ring->knob->shares();
        $from = 0;
        while (isset($shares[$from]) && $shares[$from] < $wanted) {
            $from++;
        }

        return array_map(
            static fn (float $share): Flame => Flame::on($ring->id, $share, $plate),
            array_slice($shares, max(0, $from - $below), $hold + min($below, $from)),
        );
    }

    /** Power of a ring, into metal at the boil, that keeps a pot at the boil and its lid in steam, W (section F). */
    public static function holdingW(SealedPot $pot, string $ring, ?Plate $plate): float
    {
        $fire = Fire::under($pot, Flame::on($ring, 0.5, $plate), 1.0, []);
        $over = $pot->boilC - $fire->airC;
        $wallW = array_sum((new Stack($pot))->wall) * $over;
        $lidW = $fire->lidLossW * $over / (1 - $pot->seal->leakShare);
        $intoW = $wallW + $lidW + $fire->baseLossW * $over;

        if ($plate === null) {
            return $intoW;
        }
        $plateC = $pot->boilC + $intoW / $fire->plateW;
        $taken = $intoW + $fire->plateLossW * ($plateC - $fire->airC);

        return $taken / (1 - max(0.0, $plateC - Fire::HOT_METAL_C) / Fire::HOT_METAL_K)
            / ($pot->isFlame($ring) ? Fire::PLATE_OF_FLAME : 1.0);
    }
}
