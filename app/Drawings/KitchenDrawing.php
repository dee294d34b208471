<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Pot\LidFit;
use Orbek\Core\Pot\Mark;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/**
 * A kitchen's pots side by side, and its rings as they lie on the stove with their knobs: SVG, all to one scale.
 *
 * @phpstan-type Pots array{width: float, height: float, base: float, pots: list<array{
 *     pot: Pot, x: float, half: float, rim: float, lidY: float, wall: float
 * }>}
 * @phpstan-type Rings array{width: float, height: float, knobY: float, rings: list<array{
 *     ring: Ring, x: float, y: float, radius: float, marks: list<array{name: string, x: float, y: float}>
 * }>}
 */
final readonly class KitchenDrawing
{
    private const GAP = 34.0;

    private const EDGE = 30.0;

    /** Room over the highest pot for lids, below for names. */
    private const OVER = 34.0;

    private const UNDER = 58.0;

    private const KNOB = 21.0;

    /** A knob turns so far round, from its least to its full, degrees. */
    private const TURNS = 270.0;

    public function __construct(private Kitchen $kitchen, private float $pxPerCm = 4.6)
    {
    }

    /**
     * @return Pots x of each pot's middle, its half width, the height of its rim and of its lid
     */
    public function pots(): array
    {
        $pots = array_values($this->kitchen->equipment->pots);
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        $highest = max(array_map(static fn (Pot $pot): float => $pot->heightCm(), $pots));
        $base = self::OVER + $this->pxPerCm * $highest;
        $x = self::EDGE;
        $drawn = [];
        foreach ($pots as $pot) {
            $half = $this->pxPerCm * $pot->diameterCm / 2;
            // A name needs its room as well.
            $room = max($half + 14, 48.0);
            $drawn[] = [
                'pot' => $pot, 'x' => round($x + $room, 1), 'half' => round($half, 1),
                'rim' => $rim = round($base - $this->pxPerCm * $pot->heightCm(), 1),
                'lidY' => $rim - ($pot->lid === LidFit::Loose ? 7 : 3),
                'wall' => round(max(2.0, $this->pxPerCm * $pot->material->wallMm() / 10), 1),
            ];
            $x += 2 * $room + self::GAP - 14;
        }

        return [
            'width' => round($x), 'height' => round($base + self::UNDER), 'base' => round($base, 1), 'pots' => $drawn,
        ];
    }

    /**
     * @return Rings
     */
    public function rings(): array
    {
        $rings = array_values($this->kitchen->equipment->rings);
        $most = max(array_map(static fn (Ring $ring): float => $ring->acrossCm, $rings));
        $y = 14 + $this->pxPerCm * $most / 2;
        $x = self::EDGE;
        $drawn = [];
        foreach ($rings as $ring) {
            $radius = $this->pxPerCm * $ring->acrossCm / 2;
            $room = max($radius, self::KNOB + 40);
            $drawn[] = [
                'ring' => $ring, 'x' => round($x + $room, 1), 'y' => round($y, 1), 'radius' => round($radius, 1),
                'marks' => $this->marks($ring, $x + $room, $this->knobY()),
            ];
            $x += 2 * $room + self::GAP;
        }

        return [
            'width' => round($x), 'height' => round($this->knobY() + 82), 'knobY' => $this->knobY(), 'rings' => $drawn,
        ];
    }

    private function knobY(): float
    {
        $rings = array_values($this->kitchen->equipment->rings);
        $most = max(array_map(static fn (Ring $ring): float => $ring->acrossCm, $rings));

        return round(14 + $this->pxPerCm * $most + 52, 1);
    }

    public function knob(): float
    {
        return self::KNOB;
    }

    /** @return list<array{name: string, x: float, y: float}> where each mark stands round the knob */
    private function marks(Ring $ring, float $x, float $y): array
    {
        $marks = $ring->knob->marks;
        $steps = max(1, count($marks) - 1);

        return array_map(static function (Mark $mark, int $at) use ($x, $y, $steps): array {
            $angle = deg2rad(90 + (360 - self::TURNS) / 2 + self::TURNS * $at / $steps);

            return [
                'name' => $mark->name, 'x' => round($x + (self::KNOB + 13) * cos($angle), 1),
                'y' => round($y + (self::KNOB + 11) * sin($angle) + 4, 1),
            ];
        }, $marks, array_keys($marks));
    }
}
