<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Lab;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/**
 * The browning of a crust in a photograph, from its colour and that of something white beside it.
 *
 * White is taken for what it is, so that the light's own colour goes out of the reading; then the point on the
 * line of browning that lies nearest, in whatever shade the crust may have stood (docs/model.md, section D).
 */
final readonly class MeasuredCrust
{
    /** The line is followed from pale rice to past burnt, in ln browning. */
    private const FROM = -2.6;

    private const TO = 1.9;

    private const POINTS = 91;

    /** A crust stands in another light than the white beside it: sd of the logarithm. */
    private const SHADE_SD = 0.18;

    private const SHADES = [-2.0, -1.5, -1.0, -0.5, 0.0, 0.5, 1.0, 1.5, 2.0];

    /** How far crusts of one browning look apart. */
    private const SCATTER = 4.0;

    /** Farther off the line than this it is no crust in plain light. */
    private const TOO_ODD = 16.0;

    /** White that is this bright has lost its colour, and this dark has none to tell. */
    private const BLOWN_OUT = 253;

    private const TOO_DARK = 60;

    /** Of its brightest channel to its faintest: past this the lamp hides colours. */
    private const STRONGEST_CAST = 6.0;

    /**
     * @param  array{float, float, float}  $crust as the picture has it: sRGB, 0 … 255
     * @param  array{float, float, float}  $white likewise
     */
    private function __construct(
        public array $crust, public array $white,
        /** Its colour, were the light white. */
        public Lab $colour,
        /** Expected ln browning, and its sd. */
        public float $lnBrowning, public float $sd,
        /** How far its colour lies off the line of browning. */
        public float $off,
        /** Why it teaches nothing; null where it does. */
        public ?Note $tooOdd,
    ) {
    }

    /**
     * @param  array{float, float, float}  $crust sRGB, 0 … 255
     * @param  array{float, float, float}  $white sRGB, 0 … 255
     */
    public static function of(array $crust, array $white): self
    {
        $lamp = array_map(static fn (float $channel): float => max(1e-4, Lab::linear($channel / 255)), $white);
        $light = array_map(static fn (float $channel): float => Lab::linear($channel / 255), $crust);
        $colour = Lab::ofLight([$light[0] / $lamp[0], $light[1] / $lamp[1], $light[2] / $lamp[2]]);
        [$mean, $sd, $off] = self::nearest($colour);

        return new self(
            crust: $crust,
            white: $white,
            colour: $colour,
            lnBrowning: $mean,
            sd: $sd,
            off: $off,
            tooOdd: match (true) {
                max($white) >= self::BLOWN_OUT => Note::of('measured-crust.blown-out'),
                max($white) < self::TOO_DARK => Note::of('measured-crust.white-is-too-dark'),
                max($lamp) / min($lamp) > self::STRONGEST_CAST => Note::of('measured-crust.light-is-too-coloured'),
                $off > self::TOO_ODD => Note::of('measured-crust.no-such-crust'),
                default => null,
            },
        );
    }

    /** @throws Refused when a channel is out of range */
    public static function fromFields(Fields $fields): self
    {
        $read = static function (string $name) use ($fields): array {
            $channels = $fields->object($name);

            return [
                $channels->number('r', 0, 255), $channels->number('g', 0, 255), $channels->number('b', 0, 255),
            ];
        };

        return self::of($read('crust'), $read('white'));
    }

    /** @return array<string, array<string, float>> as fromFields() reads it */
    public function toArray(): array
    {
        $told = [];
        foreach (['crust' => $this->crust, 'white' => $this->white] as $name => [$r, $g, $b]) {
            $told[$name] = ['r' => $r, 'g' => $g, 'b' => $b];
        }

        return $told;
    }

    public function browning(): float
    {
        return exp($this->lnBrowning);
    }

    /** @return array{CrustColour, CrustColour} the palest and the darkest that four of five such crusts are */
    public function between(): array
    {
        return [
            CrustColour::of(exp($this->lnBrowning - 1.28 * $this->sd)),
            CrustColour::of(exp($this->lnBrowning + 1.28 * $this->sd)),
        ];
    }

    /** @return array{float, float, float} mean and sd of ln browning, and the least distance from the line */
    private static function nearest(Lab $colour): array
    {
        $sum = $mean = $square = 0.0;
        $off = INF;
        for ($i = 0; $i < self::POINTS; $i++) {
            $ln = self::FROM + (self::TO - self::FROM) * $i / (self::POINTS - 1);
            $plain = CrustColour::onTheLine($ln);
            $weight = 0.0;
            foreach (self::SHADES as $shade) {
                $apart = $colour->from($plain->lit(exp($shade * self::SHADE_SD)));
                $off = min($off, $apart);
                $weight += Normal::bell($shade) * Normal::bell($apart / self::SCATTER);
            }
            $weight += 1e-12;
            $sum += $weight;
            $mean += $weight * $ln;
            $square += $weight * $ln * $ln;
        }
        $mean /= $sum;

        return [$mean, sqrt(max(0.0, $square / $sum - $mean * $mean)), $off];
    }
}
