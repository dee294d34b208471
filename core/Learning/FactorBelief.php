<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/**
 * What is believed of a factor, a bag's on tau or a stove's on heat, as weights on a grid of ln f.
 *
 * What has taught nothing starts at its kind: a bag N(0, 0.19²), a stove by its kind; on the day itself
 * the factor scatters by another 0.05 (docs/model.md, section D). 101 points over ±0.7 are exact enough.
 */
final readonly class FactorBelief
{
    /** Of a bag: lots differ by .15, the front's law and the ring add the rest. */
    public const PRIOR_SD = 0.19;

    /** The day's own scatter of ln f, which no earlier cook takes away. */
    public const DAY_SD = 0.05;

    public const POINTS = 101;

    private const REACH = 0.7;

    /** Nothing is quite impossible: a slip of the hand must not forbid a factor for good. */
    private const LEAST_LIKELY = 1e-12;

    private const STEP = 2 * self::REACH / (self::POINTS - 1);

    /** Points and reach of the grid before this one, and the sd of a kind then: what older documents keep. */
    private const OLD_POINTS = 81;

    private const OLD_REACH = 0.5;

    private const OLD_SD = 0.15;

    /** @param  list<float>  $weights on the grid, adding up to 1 */
    private function __construct(public array $weights, private float $kindSd)
    {
    }

    /** @param  float  $sd of ln f over its kind */
    public static function ofItsKind(float $sd = self::PRIOR_SD): self
    {
        return self::from(array_map(static fn (float $ln): float => Normal::bell($ln / $sd), self::grid()), $sd);
    }

    /**
     * Evidence of an older document that kept a whole belief: what was learned over its kind as it was then.
     *
     * @param  list<int|float>  $weights
     * @return list<float> ln likelihood, at each point of the grid
     *
     * @throws Refused
     */
    public static function evidenceOf(array $weights): array
    {
        if (count($weights) !== self::OLD_POINTS || min($weights) < 0 || array_sum($weights) <= 0) {
            throw Refused::because(
                'belief', 'refused.number-of-weights', read: count($weights), points: self::OLD_POINTS,
            );
        }
        $old = array_map(
            static fn (int $i): float => -self::OLD_REACH + $i * 2 * self::OLD_REACH / (self::OLD_POINTS - 1),
            array_keys($weights),
        );

        return self::onGrid(array_map(
            static fn (int|float $weight, float $ln): float => log(
                max(self::LEAST_LIKELY, $weight) / Normal::bell($ln / self::OLD_SD),
            ),
            $weights, $old,
        ));
    }

    /**
     * Logarithms on the grid, of those kept on the one before it: past its ends they go on as they were going.
     *
     * @param  list<float>  $logs
     * @return list<float>
     */
    public static function onGrid(array $logs): array
    {
        if (count($logs) !== self::OLD_POINTS) {
            return $logs;
        }
        $step = 2 * self::OLD_REACH / (self::OLD_POINTS - 1);

        return array_map(static function (float $ln) use ($logs, $step): float {
            $at = ($ln + self::OLD_REACH) / $step;
            $low = max(0, min(self::OLD_POINTS - 2, (int) floor($at)));

            return $logs[$low] + ($at - $low) * ($logs[$low + 1] - $logs[$low]);
        }, self::grid());
    }

    /** @return list<float> ln f at each point */
    public static function grid(): array
    {
        return array_map(static fn (int $i): float => -self::REACH + $i * self::STEP, range(0, self::POINTS - 1));
    }

    /** The same belief, less sure by a scatter of its own. */
    public function widened(float $sd): self
    {
        return self::from(self::smeared($this->weights, $sd), $this->kindSd);
    }

    /** What is believed of the bag's factor on a day. */
    public function today(): self
    {
        return $this->widened(self::DAY_SD);
    }

    /**
     * After evidence (Bayes): weights times likelihood.
     *
     * @param  list<float>  $likelihood at each point of the grid
     */
    public function given(array $likelihood): self
    {
        $weights = array_map(
            static fn (float $weight, float $likely): float => $weight * $likely,
            $this->weights,
            $likelihood,
        );

        // Evidence that cannot be, by everything believed, teaches nothing.
        return array_sum($weights) > 1e-30 ? self::from($weights, $this->kindSd) : $this;
    }

    /**
     * What is believed after lessons added up.
     *
     * @param  list<float>  $evidence sums of lesson(), at each point of the grid
     * @param  float  $sd of ln f over its kind
     */
    public static function after(array $evidence, float $sd = self::PRIOR_SD): self
    {
        $best = $evidence === [] ? 0.0 : max($evidence);

        return self::ofItsKind($sd)->given(array_map(static fn (float $ln): float => exp($ln - $best), $evidence));
    }

    /**
     * A day's evidence as a lesson on what is more than the day's: what it says of the day's factor,
     * less sure by the day's scatter, as ln likelihood.
     *
     * @param  list<float>  $likelihood of the day's factor, at each point of the grid
     * @return list<float>
     */
    public static function lesson(array $likelihood): array
    {
        $logs = array_map(static fn (float $likely): float => log(max(self::LEAST_LIKELY, $likely)), $likelihood);
        $likelihood = array_map(exp(...), self::onGrid($logs));

        return array_map(
            static fn (float $likely): float => log(max(self::LEAST_LIKELY, $likely)),
            self::smeared($likelihood, self::DAY_SD),
        );
    }

    /**
     * What evidence of one thing says of another that lies so far from it.
     *
     * @param  list<float>  $evidence ln likelihood, at each point of the grid
     * @return list<float>
     */
    public static function ofAnother(array $evidence, float $sd): array
    {
        $best = $evidence === [] ? 0.0 : max($evidence);

        return array_map(static fn (float $likely): float => log(max(self::LEAST_LIKELY, $likely)), self::smeared(
            array_map(static fn (float $ln): float => exp($ln - $best), $evidence), $sd,
        ));
    }

    /**
     * Values on the grid at some ln f.
     *
     * @param  list<float>  $values
     */
    public static function at(array $values, float $ln): float
    {
        $at = max(0.0, min(self::POINTS - 1.001, ($ln + self::REACH) / self::STEP));
        $low = (int) $at;

        return $values[$low] + ($at - $low) * ($values[$low + 1] - $values[$low]);
    }

    /** The factor with this share of the belief below it. */
    public function quantile(float $share): float
    {
        $below = 0.0;
        foreach ($this->weights as $i => $weight) {
            if ($below + $weight >= $share && $weight > 0) {
                return exp(-self::REACH + ($i - 0.5 + ($share - $below) / $weight) * self::STEP);
            }
            $below += $weight;
        }

        return exp(self::REACH);
    }

    public function likely(): float
    {
        return $this->quantile(0.5);
    }

    /** Standard deviation of ln f. */
    public function sd(): float
    {
        $mean = 0.0;
        $square = 0.0;
        foreach (self::grid() as $i => $ln) {
            $mean += $this->weights[$i] * $ln;
            $square += $this->weights[$i] * $ln * $ln;
        }

        return sqrt(max(0.0, $square - $mean * $mean));
    }

    public function words(): Note
    {
        $percent = (int) round(abs($this->likely() - 1) * 100);

        return match (true) {
            $this->sd() > 0.97 * $this->kindSd => Note::of('factor-belief.bag-untaught'),
            $percent === 0 => Note::of('factor-belief.bag-as-its-kind'),
            default => Note::of(
                'factor-belief.bag-off-its-kind',
                percent: $percent,
                isFaster: $this->likely() < 1,
            ),
        };
    }

    /** The same belief of a pot on a ring, in words. */
    public function stoveWords(): Note
    {
        $percent = (int) round(abs($this->likely() - 1) * 100);

        return match (true) {
            $this->sd() > 0.97 * $this->kindSd => Note::of('factor-belief.ring-untaught'),
            $percent === 0 => Note::of('factor-belief.ring-as-its-kind'),
            default => Note::of(
                'factor-belief.ring-off-its-kind', percent: $percent, isLess: $this->likely() < 1,
            ),
        };
    }

    /** @param  list<float>  $weights */
    private static function from(array $weights, float $kindSd): self
    {
        $sum = array_sum($weights);

        return new self(array_map(static fn (float $weight): float => $weight / $sum, $weights), $kindSd);
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function smeared(array $values, float $sd): array
    {
        $reach = (int) ceil(4 * $sd / self::STEP);
        $bell = [];
        for ($k = -$reach; $k <= $reach; $k++) {
            $bell[] = Normal::bell($k * self::STEP / $sd);
        }
        $last = count($values) - 1;
        $smeared = [];
        for ($i = 0; $i <= $last; $i++) {
            $sum = $share = 0.0;
            for ($from = $i - $reach, $at = max(0, $from), $to = min($last, $i + $reach); $at <= $to; $at++) {
                $weight = $bell[$at - $from];
                $sum += $values[$at] * $weight;
                $share += $weight;
            }
            $smeared[] = $sum / $share;
        }

        return $smeared;
    }
}
