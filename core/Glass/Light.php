<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

/**
 * The cook's white under the light there is: hearts are equally white, and what differs from one side of the picture to
 * the other is the lamp. A wide heart shows its own white; a thin one, blurred, is taken for as white as the others.
 */
final readonly class Light
{
    /** A heart this many times as wide as the blur shows its white; half as wide, it shows little of it. */
    private const SHOWS = 3.5;

    private const SHOWS_LITTLE = 1.5;

    /** Fewer grains do not tell how the light falls. */
    private const A_PLANE = 6;

    /** Of grains whose white is guessed from under the blur, the brighter ones tell it: so large a part is darker. */
    private const BRIGHTER = 0.45;

    /** A heart is so many times as bright as its rim where none shows how bright it is (our own). */
    private const USUAL_WHITE = 2.2;

    /** A rim this much brighter than the dimmer ones is no rim: its heart goes from side to side. */
    private const MOST_RIM = 1.3;

    private const DIMMER = 0.25;

    /** A slope of the light is held back as by grains twenty pixels apart that see none. */
    private const HELD = 400.0;

    /** @param  array{float, float, float}  $plane ln white: in the middle, across and down a pixel */
    private function __construct(
        private array $plane, private float $rim, private float $soft,
        /** Whether hearts show their white, or it is guessed from under the blur. */
        public bool $isShown,
    ) {
    }

    /**
     * @param  non-empty-list<Grain>  $grains single ones
     * @param  float  $blur of a grain's edge, sd, px
     */
    public static function of(array $grains, float $blur): self
    {
        $soft = Grain::softness($blur);
        $shown = $guessed = [];
        foreach ($grains as $grain) {
            if ($grain->hasHeart()) {
                $white = $grain->white($soft);
                $guessed[] = $white;
                // A thin heart would vouch for its own dim white: it must be wide even were it as bright as usual.
                $trust = self::trust($grain->overBlur(max($white, self::USUAL_WHITE * $grain->rim), $soft));
                if ($trust > 0) {
                    $shown[] = [$grain, log($white), $trust];
                }
            }
        }
        sort($guessed);
        if (count($shown) < self::A_PLANE) {
            $rims = array_map(static fn (Grain $grain): float => $grain->rim, $grains);
            sort($rims);
            $usual = self::USUAL_WHITE * $rims[intdiv(count($rims), 2)];
            $white = $guessed[(int) (self::BRIGHTER * count($guessed))] ?? $usual;

            return new self([log(max(1e-6, sqrt($white * $usual))), 0.0, 0.0], INF, $soft, false);
        }
        $plane = self::plane($shown);
        $light = new self($plane, INF, $soft, true);
        $rims = array_map(static fn (Grain $grain): float => $grain->rim / $light->at($grain), $grains);
        sort($rims);

        return new self($plane, self::MOST_RIM * $rims[(int) (self::DIMMER * count($rims))], $soft, true);
    }

    /** The heart's share of a grain's section; null where none is seen. */
    public function heart(Grain $grain): ?float
    {
        $here = $this->at($grain);
        $grain = $grain->rim > $this->rim * $here ? $grain->withRim($this->rim * $here) : $grain;
        if (! $grain->hasHeart()) {
            return null;
        }
        $own = $grain->white($this->soft);
        $trust = self::trust($grain->overBlur(max($own, $here), $this->soft));

        return $grain->heart($trust * $own + (1 - $trust) * max($own, $here));
    }

    private function at(Grain $grain): float
    {
        return exp($this->plane[0] + $this->plane[1] * $grain->x + $this->plane[2] * $grain->y);
    }

    private static function trust(float $overBlur): float
    {
        return max(0.0, min(1.0, ($overBlur - self::SHOWS_LITTLE) / (self::SHOWS - self::SHOWS_LITTLE)));
    }

    /**
     * Least squares, each grain with its weight, a slope held back a little where few tell of it.
     *
     * @param  non-empty-list<array{Grain, float, float}>  $shown grains, ln white, weight
     * @return array{float, float, float}
     */
    private static function plane(array $shown): array
    {
        $sum = $x = $y = $white = 0.0;
        foreach ($shown as [$grain, $ln, $weight]) {
            $sum += $weight;
            $x += $weight * $grain->x;
            $y += $weight * $grain->y;
            $white += $weight * $ln;
        }
        [$x, $y, $white] = [$x / $sum, $y / $sum, $white / $sum];
        $xx = $yy = self::HELD * $sum;
        $xy = $xw = $yw = 0.0;
        foreach ($shown as [$grain, $ln, $weight]) {
            [$right, $under] = [$grain->x - $x, $grain->y - $y];
            $xx += $weight * $right ** 2;
            $yy += $weight * $under ** 2;
            $xy += $weight * $right * $under;
            $xw += $weight * $right * ($ln - $white);
            $yw += $weight * $under * ($ln - $white);
        }
        $by = $xx * $yy - $xy ** 2;
        $across = ($xw * $yy - $yw * $xy) / $by;
        $down = ($yw * $xx - $xw * $xy) / $by;

        return [$white - $across * $x - $down * $y, $across, $down];
    }
}
