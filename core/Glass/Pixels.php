<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

use Orbek\Core\Measure\Refused;

/** A picture as it is handed in: rows of red, green and blue, a byte each, from the top left. */
final readonly class Pixels
{
    /** Smaller than that, no grain is drawn; larger, it is not asked for: it is made small before. */
    private const LEAST = 160;

    private const MOST = 1024;

    /** One pixel in so many tells which colour sets the rice off from its ground. */
    private const SAMPLED = 29;

    /** Of the light, the ground is taken to be darker than so much of the picture, and rice brighter than so much. */
    private const GROUND = 0.3;

    private const WHITE = 0.985;

    private function __construct(public int $width, public int $height, private string $rgb)
    {
    }

    /** @throws Refused when it is too small, too large or not whole */
    public static function of(int $width, int $height, string $rgb): self
    {
        if (min($width, $height) < self::LEAST || max($width, $height) > self::MOST) {
            throw Refused::because(
                'picture', 'glass.size', width: $width, height: $height, least: self::LEAST, most: self::MOST,
            );
        }
        if (strlen($rgb) !== 3 * $width * $height) {
            throw Refused::because('picture', 'refused.is-no-picture');
        }

        return new self($width, $height, $rgb);
    }

    /**
     * Light at half the size, 0 … 255: of the three colours, each counts as much as it sets rice off from the ground,
     * so that a plate of any dark colour will do.
     *
     * @return array{int, int, list<float>} width, height, row by row
     */
    public function light(): array
    {
        [$red, $green, $blue] = $this->weights();
        $width = intdiv($this->width, 2);
        $height = intdiv($this->height, 2);
        $row = 3 * $this->width;
        $rgb = $this->rgb;
        $light = [];
        for ($y = 0; $y < $height; $y++) {
            $at = 2 * $y * $row;
            for ($x = 0; $x < $width; $x++, $at += 6) {
                $under = $at + $row;
                $light[] = $red * (ord($rgb[$at]) + ord($rgb[$at + 3]) + ord($rgb[$under]) + ord($rgb[$under + 3]))
                    + $green * (ord($rgb[$at + 1]) + ord($rgb[$at + 4]) + ord($rgb[$under + 1]) + ord($rgb[$under + 4]))
                    + $blue * (ord($rgb[$at + 2]) + ord($rgb[$at + 5]) + ord($rgb[$under + 2]) + ord($rgb[$under + 5]));
            }
        }

        return [$width, $height, $light];
    }

    /** @return array{float, float, float} of red, green and blue over four pixels */
    private function weights(): array
    {
        $gaps = [];
        for ($channel = 0; $channel < 3; $channel++) {
            $count = array_fill(0, 256, 0);
            $all = 0;
            for ($at = $channel, $end = strlen($this->rgb); $at < $end; $at += 3 * self::SAMPLED, $all++) {
                $count[ord($this->rgb[$at])]++;
            }
            $gaps[] = max(1, self::quantile($count, self::WHITE * $all) - self::quantile($count, self::GROUND * $all));
        }
        $sum = 4 * array_sum($gaps);

        return [$gaps[0] / $sum, $gaps[1] / $sum, $gaps[2] / $sum];
    }

    /** @param  array<int, int>  $count of each value */
    private static function quantile(array $count, float $below): int
    {
        foreach ($count as $value => $many) {
            $below -= $many;
            if ($below < 0) {
                return $value;
            }
        }

        return 255;
    }
}
