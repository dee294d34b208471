<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Rice\Stage;

/**
 * How a cook reads grains: how far the readings lean to one side and scatter, in doneness, as a belief on a grid.
 *
 * Evidence is a sum of ln likelihoods, one for each point, as that of bags is; what has taught nothing scatters
 * as the usual cook does (docs/model.md, section D).
 */
final readonly class Eye
{
    /** A reading's scatter where nothing is known of who reads. */
    public const USUAL = 0.06;

    private const LEANS = [-0.16, -0.12, -0.08, -0.04, 0.0, 0.04, 0.08, 0.12, 0.16];

    private const SCATTERS = [0.02, 0.03, 0.04, 0.055, 0.075, 0.10, 0.13, 0.17, 0.22];

    /** Cooks lean so far, and scatter so many times more or less than the usual one (sd of the logarithm). */
    private const LEAN_SD = 0.04;

    private const SCATTER_SD = 0.45;

    /** From so many readings on something is said of them. */
    private const SAID_FROM = 12;

    private const LEAST_LIKELY = 1e-9;

    private function __construct(
        /** Said less true: above nothing the grain is called further than it is. */
        public float $lean,
        public float $scatter,
        public int $readings,
    ) {
    }

    public static function unknown(): self
    {
        return new self(0.0, self::USUAL, 0);
    }

    /**
     * @param  list<float>  $evidence sums of lessons, at each point of the grid
     * @param  int  $readings of how many
     */
    public static function after(array $evidence, int $readings): self
    {
        if ($readings === 0 || $evidence === [] || count($evidence) !== count(self::points())) {
            return self::unknown();
        }
        $best = max($evidence);
        $sum = $lean = $square = 0.0;
        foreach (self::points() as $i => [$at, $scatter]) {
            $weight = exp($evidence[$i] - $best) * Normal::bell($at / self::LEAN_SD)
                * Normal::bell(log($scatter / self::USUAL) / self::SCATTER_SD);
            $sum += $weight;
            $lean += $weight * $at;
            $square += $weight * $scatter ** 2;
        }

        return new self($lean / $sum, sqrt($square / $sum), $readings);
    }

    /**
     * What a grain named by its stage teaches of who named it.
     *
     * @param  float  $true doneness it had
     * @param  float  $unsure sd of that
     * @return list<float> ln likelihood, at each point of the grid
     */
    public static function named(float $true, Stage $said, float $unsure = 0.0): array
    {
        return self::lesson(static fn (float $lean, float $scatter): float => self::stage(
            $said, $true + $lean, hypot($scatter, $unsure),
        ));
    }

    /**
     * What a doneness said on a scale teaches.
     *
     * @return list<float> ln likelihood, at each point of the grid
     */
    public static function told(float $true, float $said): array
    {
        return self::lesson(
            static fn (float $lean, float $scatter): float => Normal::bell(
                ($said - $true - $lean) / $scatter,
            ) / $scatter,
        );
    }

    /** How likely this eye calls a grain of a doneness so. */
    public function calls(Stage $said, float $doneness): float
    {
        return self::stage($said, $doneness + $this->lean, $this->scatter);
    }

    /** @return list<Note> what is known of it, in words; none while that is little */
    public function words(): array
    {
        if ($this->readings < self::SAID_FROM) {
            return [];
        }
        $points = (int) round(100 * abs($this->lean));

        return [
            Note::of('eye.scatters', points: (int) round(100 * $this->scatter), closer: $this->scatter < self::USUAL),
            $points < 2
                ? Note::of('eye.leans-nowhere')
                : Note::of('eye.leans', early: $this->lean > 0, points: $points),
        ];
    }

    /** A stage as it is felt: its interval, blurred. */
    private static function stage(Stage $said, float $felt, float $scatter): float
    {
        $from = $said === Stage::first() ? -INF : $said->begins();

        return Normal::below(($said->ends() - $felt) / $scatter) - Normal::below(($from - $felt) / $scatter);
    }

    /**
     * @param  callable(float, float): float  $likely of a lean and a scatter
     * @return list<float>
     */
    private static function lesson(callable $likely): array
    {
        return array_map(
            static fn (array $point): float => round(log(max(self::LEAST_LIKELY, $likely(...$point))), 6),
            self::points(),
        );
    }

    /** @return list<array{float, float}> lean and scatter */
    private static function points(): array
    {
        $points = [];
        foreach (self::LEANS as $lean) {
            foreach (self::SCATTERS as $scatter) {
                $points[] = [$lean, $scatter];
            }
        }

        return $points;
    }
}
