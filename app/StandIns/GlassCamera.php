<?php

declare(strict_types=1);

namespace App\StandIns;

use GdImage;
use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated camera over grains pressed flat under glass on a dark ground: bent, broken, touching, with translucent
 * rims and hearts off their middle, in uneven light. It draws by laws of its own: neither the Drill's spoonfuls nor
 * what reads the pictures know of it.
 */
final readonly class GlassCamera
{
    /** Drawn so many times as large, then made small: edges are as soft as those of a lens. */
    private const LARGE = 2;

    /** Grains of one boil differ by so much in the speed of their front, sd of ln. */
    private const DIFFER = 0.09;

    /** White of a heart, of 255, in full light. */
    private const WHITE = 228;

    /** Points along one side of a grain. */
    private const POINTS = 14;

    private const TRIES = 120;

    private const GREAT = 2.5;

    /**
     * @param  int  $grains how many are laid out
     * @param  float  $mm how wide the picture is
     * @param  array{float, float, float}  $ground red, green and blue of 255
     * @param  float  $noise sd of a colour, of 255
     * @param  float  $blur sd, px
     * @param  float  $fall how much of the light is lost from one corner to the other, 0 … 1
     * @param  array{float, float, float}  $cast how much of red, green and blue the light has
     * @param  float  $touching share of grains that lie against another
     * @param  array{float, float}  $rim light of a rim between ground and white, from and to
     * @param  bool  $glare of a lamp on the glass
     * @param  bool  $shade of a hand
     */
    public function __construct(
        private int $grains = 15, private float $mm = 54.0, private array $ground = [22.0, 22.0, 24.0],
        private float $noise = 3.0, private float $blur = 0.8, private float $fall = 0.15,
        private array $cast = [1.0, 0.97, 0.9], private float $touching = 0.2, private array $rim = [0.34, 0.52],
        private bool $glare = false, private bool $shade = false, private int $width = 640, private int $height = 480,
        private int $quality = 85,
    ) {
    }

    /** The JPEG of a spoonful that is so far. */
    public function spoonful(float $doneness, int $seed = 1): string
    {
        $chance = new Randomizer(new Mt19937($seed));
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * $chance->getInt(0,
            1_000_000) / 1e6;
        $large = self::blank($this->width * self::LARGE, $this->height * self::LARGE);
        imagefill($large, 0, 0, self::colour($large, $this->ground));
        $scale = self::LARGE * $this->width / $this->mm;
        foreach ($this->lay($between, $scale) as [$x, $y, $turn, $long, $wide]) {
            $this->draw(
                on: $large, between: $between, doneness: $doneness, x: $x, y: $y, turn: $turn, long: $long, wide: $wide,
            );
        }
        $image = imagescale($large, $this->width, $this->height, IMG_BILINEAR_FIXED);
        if ($image === false) {
            throw new LogicException('A drawn picture is made small.');
        }
        imagesavealpha($image, false);
        $this->light($image, $between);
        $image = $this->blurred($image);
        $this->grain($image, $chance);
        ob_start();
        imagejpeg($image, null, $this->quality);

        return (string) ob_get_clean();
    }

    /**
     * @param  callable(float, float): float  $between
     * @return list<array{float, float, float, float, float}> middle, turn, length and width, px
     */
    private function lay(callable $between, float $scale): array
    {
        $laid = [];
        $balls = [];
        for ($one = 0; $one < $this->grains; $one++) {
            for ($try = 0; $try < self::TRIES; $try++) {
                $long = $between(6.0, 9.0) * $scale;
                $wide = $between(2.1, 3.0) * $scale;
                $turn = $between(0, M_PI);
                $x = $between(0.7 * $long, $this->width * self::LARGE - 0.7 * $long);
                $y = $between(0.7 * $long, $this->height * self::LARGE - 0.7 * $long);
                if ($laid !== [] && $between(0, 1) < $this->touching) {
                    // Its end against the side of one that lies there.
                    [$otherX, $otherY, $otherTurn, , $otherWide] = $laid[array_key_last($laid)];
                    $side = $otherTurn + M_PI / 2;
                    $turn = $side + $between(-0.5, 0.5);
                    $away = ($otherWide + $long) / 2 * 0.99;
                    [$x, $y] = [$otherX + $away * cos($side), $otherY + $away * sin($side)];
                }
                $mine = self::balls($x, $y, $turn, $long, $wide);
                if (self::isFree($mine, $balls, $this->width * self::LARGE, $this->height * self::LARGE)) {
                    $laid[] = [$x, $y, $turn, $long, $wide];
                    $balls = [...$balls, ...$mine];
                    break;
                }
            }
        }

        return $laid;
    }

    /** @return list<array{float, float, float}> what it covers, roughly: middle and radius of five balls */
    private static function balls(float $x, float $y, float $turn, float $long, float $wide): array
    {
        return array_map(static fn (int $i): array => [
            $x + $i * 0.19 * $long * cos($turn), $y + $i * 0.19 * $long * sin($turn), ($i === 0 ? 0.5 : 0.46) * $wide,
        ], range(-2, 2));
    }

    /**
     * @param  list<array{float, float, float}>  $mine
     * @param  list<array{float, float, float}>  $others
     */
    private static function isFree(array $mine, array $others, int $width, int $height): bool
    {
        foreach ($mine as [$x, $y, $r]) {
            if (min($x, $y, $width - $x, $height - $y) < 1.5 * $r) {
                return false;
            }
            foreach ($others as [$otherX, $otherY, $otherR]) {
                if (hypot($x - $otherX, $y - $otherY) < $r + $otherR) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  callable(float, float): float  $between */
    private function draw(
        GdImage $on, callable $between, float $doneness, float $x, float $y, float $turn, float $long, float $wide,
    ): void {
        $normal = sqrt(-2 * log(max(1e-9, $between(0, 1)))) * cos(2 * M_PI * $between(0, 1));
        $front = (1 - sqrt(1 - $doneness)) * exp(self::DIFFER * $normal);
        $share = max(0.0, 1 - $front) ** 2;
        $bend = $between(-0.12, 0.12) * $long;
        $taper = $between(-0.18, 0.18);
        // Broken ones end in the middle, where the heart shows.
        [$from, $to] = $between(0, 1) < 0.15 ? [-1.0, $between(0.0, 0.5)] : [-1.0, 1.0];
        $place = static fn (float $t, float $q): array => [
            $x + 0.5 * $t * $long * cos($turn) - ($q + $bend * ($t * $t - 0.4)) * sin($turn),
            $y + 0.5 * $t * $long * sin($turn) + ($q + $bend * ($t * $t - 0.4)) * cos($turn),
        ];
        $half = static fn (float $t): float => 0.5 * $wide * (1 + $taper * $t) * max(0.0, 1 - abs($t) ** 3.2) ** 0.5;
        $rim = $between(...$this->rim);
        $this->shape($on, $place, $from, $to, static fn (float $t): array => [-$half($t), $half($t)], $rim);
        if ($share < 0.004) {
            return;
        }
        $depth = min(0.6, $front * $wide / $long * $between(0.8, 1.6));
        $off = $between(-0.5, 0.5) * (1 - $share);
        $ends = [$from + $depth, $to < 1 ? $to : $to - $depth];
        $white = $between(0.93, 1.03);
        $blunt = $between(2.2, 5.0);
        // From rim to white over about a pixel of the picture.
        foreach ([1.6, 0.8, 0.0, -0.8] as $step => $soft) {
            $this->shape($on, $place, $ends[0], $ends[1], static function (float $t) use (
                $half, $share, $off, $soft, $ends, $to, $blunt,
            ): array {
                // Round at its own tips, cut where the grain is.
                $u = 2 * ($t - $ends[0]) / max(1e-6, $ends[1] - $ends[0]) - 1;
                $round = $u > 0 && $to < 1 ? 1.0 : max(0.0, 1 - abs($u) ** $blunt) ** 0.5;
                $wide = max(0.0, $half($t) * $share * $round + $soft * 0.5);
                $middle = $half($t) * $off;

                return [$middle - $wide, $middle + $wide];
            }, $rim + ($white - $rim) * [0.25, 0.5, 0.75, 1.0][$step]);
        }
    }

    /**
     * @param  callable(float, float): array{float, float}  $place
     * @param  callable(float): array{float, float}  $sides
     * @param  float  $light between ground and white
     */
    private function shape(GdImage $on, callable $place, float $from, float $to, callable $sides, float $light): void
    {
        if ($to <= $from) {
            return;
        }
        $up = $down = [];
        for ($i = 0; $i <= self::POINTS; $i++) {
            // Closer at the ends, where it turns.
            $t = $from + ($to - $from) * (1 - cos(M_PI * $i / self::POINTS)) / 2;
            [$low, $high] = $sides($t);
            array_push($up, ...$place($t, $high));
            $down[] = $place($t, $low);
        }
        foreach (array_reverse($down) as $point) {
            array_push($up, ...$point);
        }
        imagefilledpolygon($on, array_map(static fn (float $one): int => (int) round($one), $up), self::colour($on,
            array_map(
                static fn (float $ground): float => $ground + $light * (self::WHITE - $ground), $this->ground,
            )));
    }

    /** @param  callable(float, float): float  $between */
    private function light(GdImage $image, callable $between): void
    {
        if ($this->shade) {
            imagelayereffect($image, IMG_EFFECT_MULTIPLY);
            $x = (int) $between(0.3 * $this->width, 0.7 * $this->width);
            for ($soft = 0; $soft < 30; $soft++) {
                imagefilledpolygon($image, [
                    $x - 60 + 4 * $soft, 0, $this->width, 0, $this->width, $this->height, $x + 40 + 4 * $soft,
                    $this->height,
                ], self::colour($image, [252.0, 252.0, 252.0]));
            }
        }
        imagelayereffect($image, IMG_EFFECT_MULTIPLY);
        for ($x = 0; $x < $this->width; $x += 4) {
            $left = 255 * (1 - $this->fall * $x / $this->width);
            imagefilledrectangle($image, $x, 0, $x + 3, $this->height, self::colour($image, array_map(
                static fn (float $part): float => $left * $part, $this->cast,
            )));
        }
        imagelayereffect($image, IMG_EFFECT_NORMAL);
        if ($this->glare) {
            [$x, $y] = [(int) $between(80, $this->width - 80), (int) $between(80, $this->height - 80)];
            for ($wide = 90; $wide > 20; $wide -= 3) {
                imagefilledellipse($image, $x, $y, $wide, (int) (0.7 * $wide), (int) imagecolorallocatealpha(
                    $image, 255, 253, 248, 108,
                ));
            }
        }
    }

    /**
     * By threes of pixels; a great blur by drawing it small, since many small ones come to nothing in whole numbers.
     */
    private function blurred(GdImage $image): GdImage
    {
        if ($this->blur > self::GREAT) {
            $by = 1.6 * $this->blur;
            $small = imagescale($image, (int) ($this->width / $by), (int) ($this->height / $by), IMG_BILINEAR_FIXED);
            $image = $small === false ? $image : imagescale($small, $this->width, $this->height, IMG_BILINEAR_FIXED);
        } else {
            for ($pass = 0; $pass < (int) round(2 * $this->blur ** 2); $pass++) {
                imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
            }
        }

        return $image === false ? throw new LogicException('A drawn picture is blurred.') : $image;
    }

    /** What a small sensor adds: laid over as a picture of noise alone. */
    private function grain(GdImage $image, Randomizer $chance): void
    {
        // Even noise of a whole byte has an sd of 74.
        $per_cent = (int) round(100 * $this->noise / 74);
        if ($per_cent < 1) {
            return;
        }
        $side = 128;
        $tile = self::blank($side, $side);
        $bytes = $chance->getBytes(3 * $side * $side);
        for ($at = 0; $at < $side * $side; $at++) {
            imagesetpixel(
                $tile, $at % $side, intdiv($at, $side),
                ord($bytes[3 * $at]) << 16 | ord($bytes[3 * $at + 1]) << 8 | ord($bytes[3 * $at + 2]),
            );
        }
        for ($x = 0; $x < $this->width; $x += $side) {
            for ($y = 0; $y < $this->height; $y += $side) {
                imagecopymerge($image, $tile, $x, $y, 0, 0, $side, $side, $per_cent);
            }
        }
    }

    private static function blank(int $width, int $height): GdImage
    {
        return imagecreatetruecolor(max(1, $width), max(1, $height))
            ?: throw new LogicException('No picture can be made of this size.');
    }

    /** @param  array<int, float>  $of */
    private static function colour(GdImage $image, array $of): int
    {
        [$red, $green, $blue] = array_map(static fn (float $one): int => max(0, min(255, (int) round($one))), $of);

        return (int) imagecolorallocate($image, $red, $green, $blue);
    }
}
