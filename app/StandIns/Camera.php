<?php

declare(strict_types=1);

namespace App\StandIns;

use LogicException;
use Orbek\Core\Lid\CrustColour;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated camera over a crust turned out on a white plate: in the light of a lamp, in its own shade, mottled as
 * crusts are, with the noise of a small sensor. The crust is in the middle, the plate's rim at its right edge.
 */
final readonly class Camera
{
    public const CRUST = [0.5, 0.5];

    public const WHITE = [0.93, 0.5];

    /** A plate gives back so much of the light. */
    private const PLATE = 0.9;

    private const TABLE = [0.10, 0.09, 0.08];

    /** A crust is drawn in patches so wide, px. */
    private const PATCH = 2;

    /** Browning of one place beside the next, sd of its logarithm. */
    private const MOTTLE = 0.22;

    /** It is mottled in so many shades a sd, up to so many sd off. */
    private const SHADES = 15;

    private const MOST_SD = 4;

    /**
     * @param  array{float, float, float}  $lamp red, green and blue that reach white, 0 … 1 of what the sensor takes
     * @param  float  $shade light on the crust over that on the plate
     * @param  float  $noise sd of a channel, of 255
     */
    public function __construct(
        private array $lamp = [0.78, 0.75, 0.7], private float $shade = 1.0, private float $noise = 3.0,
        private int $seed = 1, private int $width = 640, private int $height = 480,
    ) {
    }

    /** The JPEG of a crust of this browning. */
    public function crust(float $browning, int $quality = 90): string
    {
        $chance = new Randomizer(new Mt19937($this->seed));
        $image = imagecreatetruecolor(max(1, $this->width), max(1, $this->height));
        if ($image === false) {
            throw new LogicException('No picture can be made of this size.');
        }
        $radius = 0.5 * min($this->width * 0.96, $this->height * 1.2);
        $crust = $this->crusts(log($browning));
        $plate = $this->tone([self::PLATE, self::PLATE, self::PLATE]);
        $table = $this->tone(self::TABLE);
        for ($x = 0; $x < $this->width; $x += self::PATCH) {
            for ($y = 0; $y < $this->height; $y += self::PATCH) {
                $away = hypot($x - $this->width / 2, $y - $this->height / 2) / $radius;
                $this->patch($image, $x, $y, match (true) {
                    $away < 0.8 => $crust[self::shade(self::normal($chance))],
                    $away < 1 => $plate,
                    default => $table,
                }, $chance);
            }
        }
        ob_start();
        imagejpeg($image, null, $quality);

        return (string) ob_get_clean();
    }

    /** @return array<int, list<float>> the tones of a mottled crust, by shade() */
    private function crusts(float $lnBrowning): array
    {
        $tones = [];
        foreach (range(-self::SHADES * self::MOST_SD, self::SHADES * self::MOST_SD) as $shade) {
            $light = CrustColour::onTheLine($lnBrowning + self::MOTTLE * $shade / self::SHADES)->light();
            $tones[$shade] = $this->tone(array_map(fn (float $channel): float => $channel * $this->shade, $light));
        }

        return $tones;
    }

    /** The nearest of the shades that a crust is mottled in, so many sd off. */
    private static function shade(float $sds): int
    {
        return (int) round(self::SHADES * max(-self::MOST_SD, min(self::MOST_SD, $sds)));
    }

    /**
     * What the sensor makes of light under this lamp, 0 … 255, but for its noise.
     *
     * @param  array<int, float>  $light
     * @return list<float>
     */
    private function tone(array $light): array
    {
        return array_map(static function (float $channel, float $lamp): float {
            $linear = max(0.0, min(1.0, $channel * $lamp));

            return 255 * ($linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055);
        }, $light, $this->lamp);
    }

    /** @param  list<float>  $tone */
    private function patch(\GdImage $image, int $x, int $y, array $tone, Randomizer $chance): void
    {
        $told = [];
        foreach ($tone as $channel) {
            $told[] = max(0, min(255, (int) round($channel + $this->noise * self::normal($chance))));
        }
        $colour = (int) imagecolorallocate($image, ...$told);
        imagefilledrectangle($image, $x, $y, $x + self::PATCH - 1, $y + self::PATCH - 1, $colour);
    }

    private static function normal(Randomizer $chance): float
    {
        $one = $chance->getInt(1, 1_000_000) / 1_000_000;

        return sqrt(-2 * log($one)) * cos(2 * M_PI * $chance->getInt(0, 1_000_000) / 1_000_000);
    }
}
