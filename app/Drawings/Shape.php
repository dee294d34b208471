<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Filling\Looks;

/** A piece of filling in outline: subpaths of quadratic curves round its middle, turned as it lies. */
final readonly class Shape
{
    /** @param  list<list<float>>  $subpaths each x, y and then cx, cy, x, y again and again, px */
    private function __construct(private array $subpaths)
    {
    }

    public static function of(Looks $looks): self
    {
        return new self(match ($looks) {
            // A thick end, a thin one, and the bone's knob.
            Looks::Joint => [
                [-7, 0, -8, -6, -1, -5, 5, -4, 9, 0, 5, 4, -1, 5, -8, 6, -7, 0],
                [9, 0, 11, -4, 12.4, 0, 11, 4, 9, 0],
            ],
            Looks::Cube => [
                [-4, -4, 0, -4.6, 4, -4, 4.6, 0, 4, 4, 0, 4.6, -4, 4, -4.6, 0, -4, -4],
                [-2, -1, 0, 1, 2.4, -1],
            ],
            Looks::Ball => [[-4.4, 0, -4.4, -4.4, 0, -4.4, 4.4, -4.4, 4.4, 0, 4.4, 4.4, 0, 4.4, -4.4, 4.4, -4.4, 0]],
            Looks::Fish => [
                [-9, 0, -3, -5.4, 5, -1, 7.4, -1.6, 10, -4, 8.4, 0, 10, 4, 7.4, 1.6, 5, 1, -3, 5.4, -9, 0],
            ],
            Looks::Prawn => [
                [-5, 3, -7, -4, 0, -5, 6, -5, 6, 1, 4, -1.6, 0.6, -1.6, -3, -1, -5, 3],
                [6, 1, 8, 1.4, 8.6, 4, 6.4, 3.4, 6, 1],
            ],
            Looks::Egg => [
                [-6, 0, -6, -4.8, -0.6, -4.8, 6, -4.4, 6, 0, 6, 4.4, -0.6, 4.8, -6, 4.8, -6, 0],
                [-2.4, 0, -2.4, 2.4, 0, 2.4, 2.4, 2.4, 2.4, 0, 2.4, -2.4, 0, -2.4, -2.4, -2.4, -2.4, 0],
            ],
            Looks::Pulse => [[-2.6, 0, -2.6, -2, 0, -2, 2.6, -2, 2.6, 0, 2.6, 2, 0, 1.2, -2.6, 2, -2.6, 0]],
            // A slice cut through: flat below, round above.
            Looks::Root => [[-6, 2.4, -5.6, -4.6, 0, -4.6, 5.6, -4.6, 6, 2.4, 0, 3.4, -6, 2.4]],
            Looks::Leaf => [[-6.4, 0, -1, -4.4, 6.4, 0, -1, 4.4, -6.4, 0], [-6.4, 0, 0, 0.6, 4, 0]],
        });
    }

    /** How far it reaches from its middle, px. */
    public function reach(): float
    {
        $reach = 0.0;
        foreach ($this->subpaths as $points) {
            for ($i = 0; $i < count($points); $i += 2) {
                $reach = max($reach, hypot($points[$i], $points[$i + 1]));
            }
        }

        return $reach;
    }

    /** Path data with relative curves, to be begun at the piece's middle. */
    public function path(float $angle, float $size): string
    {
        $path = '';
        $at = [0.0, 0.0];
        foreach ($this->subpaths as $points) {
            $to = self::turned($points[0], $points[1], $angle, $size);
            $path .= sprintf('m%s,%s', self::short($to[0] - $at[0]), self::short($to[1] - $at[1]));
            $at = $to;
            for ($i = 2; $i + 3 < count($points); $i += 4) {
                $by = self::turned($points[$i], $points[$i + 1], $angle, $size);
                $to = self::turned($points[$i + 2], $points[$i + 3], $angle, $size);
                $path .= sprintf(
                    'q%s,%s %s,%s', self::short($by[0] - $at[0]), self::short($by[1] - $at[1]),
                    self::short($to[0] - $at[0]), self::short($to[1] - $at[1]),
                );
                $at = $to;
            }
        }

        return $path;
    }

    /** @return array{float, float} */
    private static function turned(float $x, float $y, float $angle, float $size): array
    {
        return [$size * ($x * cos($angle) - $y * sin($angle)), $size * ($x * sin($angle) + $y * cos($angle))];
    }

    private static function short(float $px): string
    {
        return (string) round($px, 1);
    }
}
