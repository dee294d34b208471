<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\OutOfRange;

/**
 * What is believed of one bag's factor on tau: ln f ~ N(mean, sd²).
 *
 * A bag nobody has cooked from starts at its kind, N(0, 0.15²) (docs/model.md, section D).
 */
final readonly class LotBelief
{
    public const PRIOR_SD = 0.15;

    /** The day's own scatter of ln f, which no earlier cook takes away. */
    public const DAY_SD = 0.05;

    /** z of the 10 and 90 % points of the normal distribution. */
    private const Z90 = 1.2815515655446;

    private function __construct(public float $meanLn, public float $sdLn)
    {
    }

    public static function ofItsKind(): self
    {
        return new self(0.0, self::PRIOR_SD);
    }

    /** @throws OutOfRange */
    public static function of(float $meanLn, float $sdLn): self
    {
        return new self(
            OutOfRange::unlessBetween('lot factor', $meanLn, -0.5, 0.5),
            OutOfRange::unlessBetween('lot scatter', $sdLn, 0.001, 0.5),
        );
    }

    /** The factor with half the belief below it. */
    public function likely(): float
    {
        return exp($this->meanLn);
    }

    /** The factor with a tenth of the belief below it: the fastest grain to reckon with. */
    public function fast(): float
    {
        return exp($this->meanLn - self::Z90 * $this->sdLn);
    }

    /** The factor with nine tenths of the belief below it. */
    public function slow(): float
    {
        return exp($this->meanLn + self::Z90 * $this->sdLn);
    }

    public function words(): string
    {
        $percent = (int) round(abs($this->likely() - 1) * 100);

        return match (true) {
            $percent === 0 && $this->sdLn >= self::PRIOR_SD => 'nothing learned of this bag yet, so it counts as its kind',
            $percent === 0 => 'this bag cooks like its kind',
            default => sprintf('this bag runs %d %% %s than its kind', $percent, $this->likely() < 1 ? 'faster' : 'slower'),
        };
    }
}
