<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/**
 * A colour as the eye sees it: CIELAB under D65 (CIE 15:2004), L* 0 … 100, a* and b* about -100 … 100.
 */
final readonly class Lab
{
    /** Linear sRGB to XYZ, D65 (IEC 61966-2-1). */
    private const TO_XYZ = [
        [0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041],
    ];

    private const FROM_XYZ = [
        [3.2404542, -1.5371385, -0.4985314], [-0.9692660, 1.8760108, 0.0415560], [0.0556434, -0.2040259, 1.0572252],
    ];

    private const WHITE = [0.95047, 1.0, 1.08883];

    private const EPSILON = 216 / 24389;

    private const KAPPA = 24389 / 27;

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    /** A channel of sRGB, 0 … 1, as light. */
    public static function linear(float $channel): float
    {
        return $channel <= 0.04045 ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4;
    }

    /** @param  array{float, float, float}  $light red, green and blue as shares of white's, linear */
    public static function ofLight(array $light): self
    {
        $f = [];
        foreach (self::TO_XYZ as $row => $weights) {
            $share = max(0.0, self::dot($weights, $light)) / self::WHITE[$row];
            $f[] = $share > self::EPSILON ? $share ** (1 / 3) : (self::KAPPA * $share + 16) / 116;
        }

        return new self(116 * $f[1] - 16, 500 * ($f[0] - $f[1]), 200 * ($f[1] - $f[2]));
    }

    /** @return array{float, float, float} linear red, green and blue, each 0 … 1; what no screen can show is cut off */
    public function light(): array
    {
        $y = ($this->l + 16) / 116;
        $xyz = [];
        foreach ([$y + $this->a / 500, $y, $y - $this->b / 200] as $row => $f) {
            $share = $f ** 3 > self::EPSILON ? $f ** 3 : (116 * $f - 16) / self::KAPPA;
            $xyz[] = $share * self::WHITE[$row];
        }
        $cut = static fn (float $light): float => max(0.0, min(1.0, $light));

        return [
            $cut(self::dot(self::FROM_XYZ[0], $xyz)), $cut(self::dot(self::FROM_XYZ[1], $xyz)),
            $cut(self::dot(self::FROM_XYZ[2], $xyz)),
        ];
    }

    /** The colour as screens are told it, "#rrggbb". */
    public function hex(): string
    {
        $channel = static fn (float $light): int => (int) round(
            255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055),
        );

        return sprintf('#%02x%02x%02x', ...array_map($channel, $this->light()));
    }

    /** How far apart two colours look (CIE 1976). */
    public function from(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** Part of the way to another colour. */
    public function towards(self $other, float $share): self
    {
        return new self(
            $this->l + $share * ($other->l - $this->l), $this->a + $share * ($other->a - $this->a),
            $this->b + $share * ($other->b - $this->b),
        );
    }

    /** The same matter in another light: lightness and colour fall together, by the cube root of the light. */
    public function lit(float $light): self
    {
        $root = $light ** (1 / 3);

        return new self(($this->l + 16) * $root - 16, $this->a * $root, $this->b * $root);
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  list<float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        return $one[0] * $other[0] + $one[1] * $other[1] + $one[2] * $other[2];
    }
}
