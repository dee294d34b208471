<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\OutOfRange;

/**
 * What is believed of a factor, a bag's on tau or a stove's on heat, as weights on a grid of ln f.
 *
 * What has taught nothing starts at its kind, N(0, 0.15²); on the day itself the factor
 * scatters by another 0.05 (docs/model.md, Learning). 81 points over ±0.5 are exact enough.
 */
final readonly class FactorBelief
{
    public const PRIOR_SD = 0.15;

    /** The day's own scatter of ln f, which no earlier cook takes away. */
    public const DAY_SD = 0.05;

    public const POINTS = 81;

    private const REACH = 0.5;

    private const STEP = 2 * self::REACH / (self::POINTS - 1);

    /** @param  list<float>  $weights on the grid, adding up to 1 */
    private function __construct(public array $weights)
    {
    }

    public static function ofItsKind(): self
    {
        return self::from(array_map(static fn (float $ln): float => Normal::bell($ln / self::PRIOR_SD), self::grid()));
    }

    /**
     * @param  array<array-key, mixed>  $weights as kept by toArray()
     *
     * @throws OutOfRange
     */
    public static function fromArray(array $weights): self
    {
        $read = [];
        foreach ($weights as $weight) {
            $read[] = is_int($weight) || is_float($weight) ? max(0.0, (float) $weight) : -1.0;
        }
        if (count($read) !== self::POINTS || min($read) < 0 || array_sum($read) <= 0) {
            throw OutOfRange::because('belief', count($read).' weights will not do;', 'give '.self::POINTS.' numbers, none negative and not all zero');
        }

        return self::from($read);
    }

    /** @return list<float> */
    public function toArray(): array
    {
        return array_map(static fn (float $weight): float => round($weight, 7), $this->weights);
    }

    /** @return list<float> ln f at each point */
    public static function grid(): array
    {
        return array_map(static fn (int $i): float => -self::REACH + $i * self::STEP, range(0, self::POINTS - 1));
    }

    /** The same belief, less sure by a scatter of its own. */
    public function widened(float $sd): self
    {
        return self::from(self::smeared($this->weights, $sd));
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
        $weights = array_map(static fn (float $weight, float $likely): float => $weight * $likely, $this->weights, $likelihood);

        // Evidence that cannot be, by everything believed, teaches nothing.
        return array_sum($weights) > 1e-30 ? self::from($weights) : $this;
    }

    /**
     * After a day's evidence: what it says of the day's factor, less sure by the day's scatter, is
     * what it says of the bag's.
     *
     * @param  list<float>  $likelihood of the day's factor, at each point of the grid
     */
    public function afterDay(array $likelihood): self
    {
        return $this->given(self::smeared($likelihood, self::DAY_SD));
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

    public function words(): string
    {
        $percent = (int) round(abs($this->likely() - 1) * 100);

        return match (true) {
            $this->sd() > 0.97 * self::PRIOR_SD => 'nothing learned of this bag yet, so it counts as its kind',
            $percent === 0 => 'this bag cooks like its kind',
            default => sprintf('this bag runs %d %% %s than its kind', $percent, $this->likely() < 1 ? 'faster' : 'slower'),
        };
    }

    /** The same belief of a pot on a ring, in words. */
    public function stoveWords(): string
    {
        $percent = (int) round(abs($this->likely() - 1) * 100);

        return match (true) {
            $this->sd() > 0.97 * self::PRIOR_SD => 'nothing learned of this pot on this ring yet, so it counts as its kind',
            $percent === 0 => 'this pot on this ring heats like its kind',
            default => sprintf('this pot on this ring gets %d %% %s heat than its kind', $percent, $this->likely() < 1 ? 'less' : 'more'),
        };
    }

    /** @param  list<float>  $weights */
    private static function from(array $weights): self
    {
        $sum = array_sum($weights);

        return new self(array_map(static fn (float $weight): float => $weight / $sum, $weights));
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function smeared(array $values, float $sd): array
    {
        $reach = (int) ceil(4 * $sd / self::STEP);
        $bell = [];
        for ($k = 0; $k <= $reach; $k++) {
            $bell[] = Normal::bell($k * self::STEP / $sd);
        }

        $smeared = [];
        foreach ($values as $i => $value) {
            $sum = 0.0;
            $share = 0.0;
            for ($k = -$reach; $k <= $reach; $k++) {
                if (isset($values[$i + $k])) {
                    $sum += $values[$i + $k] * $bell[abs($k)];
                    $share += $bell[abs($k)];
                }
            }
            $smeared[] = $sum / $share;
        }

        return $smeared;
    }
}
