<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Cook;
use App\Wording\Wording;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\CrustColour;

/**
 * Noted cooks over time, oldest first: when rice was foretold and lifted, crusts in their own colours, minutes
 * late, and what each bag and each pot on its ring was thought to be. Each drawing has the same as a table.
 *
 * @phpstan-type Band array{x: float, low: float, likely: float, high: float}
 */
final readonly class TrendsDrawing
{
    public const LEFT = 64.0;

    public const HIGH = 150.0;

    /** Drawn room over and under, px. */
    private const MARGIN = 14.0;

    /** A factor's axis goes so far to each side, in ln. */
    private const FACTOR_REACH = 0.4;

    /** Things with fewer lessons than these tell no course. */
    private const LEAST_LESSONS = 2;

    /** @param  list<Cook>  $cooks noted ones, oldest first */
    public function __construct(
        private array $cooks, private Knowledge $known, private Kitchen $kitchen, private Wording $say,
        public float $width = 860.0,
    ) {
    }

    public function count(): int
    {
        return count($this->cooks);
    }

    public function x(int $index): float
    {
        $step = ($this->width - self::LEFT - 16) / max(1, count($this->cooks));

        return round(self::LEFT + $step * ($index + 0.5), 1);
    }

    /** So wide is what stands for one cook. */
    public function wide(): float
    {
        return round(max(4.0, min(26.0, ($this->width - self::LEFT - 16) / max(1, count($this->cooks)) - 3)), 1);
    }

    public function dated(int $index): string
    {
        return $this->say->dated(
            $this->cooks[$index]->started_at->setTimezone($this->kitchen->site->timezone), 'short',
        );
    }

    /** @return list<int> cooks whose day is written under the axis */
    public function labelled(): array
    {
        $every = max(1, (int) ceil(count($this->cooks) / 12));

        return array_values(
            array_filter(array_keys($this->cooks), static fn (int $index): bool => $index % $every === 0)
        );
    }

    /**
     * Minutes in the water: the window that was foretold, and the lift.
     *
     * @return list<array{index: int, x: float, from: float, by: float, foretold: float, lifted: float, in: bool,
     *     told: list<string>}>
     */
    public function lifts(): array
    {
        $rows = [];
        foreach ($this->cooks as $index => $cook) {
            $noted = $cook->summary ?? [];
            if (isset($noted['lifted_s'], $noted['lift_forecast_s'])) {
                $rows[$index] = [
                    $noted['lift_from_s'] ?? $noted['lift_forecast_s'],
                    $noted['lift_by_s'] ?? $noted['lift_forecast_s'],
                    $noted['lift_forecast_s'], $noted['lifted_s'],
                ];
            }
        }
        $most = max(60, ...array_map(static fn (array $row): int => max($row), array_values($rows)));
        $y = static fn (int $seconds): float => round(self::HIGH - (self::HIGH - self::MARGIN) * $seconds / $most, 1);
        $drawn = [];
        foreach ($rows as $index => [$from, $by, $foretold, $lifted]) {
            $drawn[] = [
                'index' => $index, 'x' => $this->x($index), 'from' => $y($from), 'by' => $y($by),
                'foretold' => $y($foretold), 'lifted' => $y($lifted),
                'in' => $lifted >= $from && $lifted <= $by,
                'told' => [
                    $this->say->clock($foretold), $this->say->clock($from).' – '.$this->say->clock($by),
                    $this->say->clock($lifted),
                ],
            ];
        }

        return $drawn;
    }

    /** @return list<array{x: float, fill: string, colour: string, measured: bool}> */
    public function crusts(): array
    {
        return array_map(fn (Cook $cook, int $index): array => [
            'x' => $this->x($index),
            'fill' => $cook->summary['colour']
                ?? CrustColour::from((string) ($cook->summary['crust'] ?? 'pale'))->swatch()->hex(),
            'colour' => $this->say->text(
                $this->say->label(CrustColour::from((string) ($cook->summary['crust'] ?? 'pale')))
            ),
            'measured' => isset($cook->summary['colour']),
        ], $this->cooks, array_keys($this->cooks));
    }

    /**
     * @return list<array{x: float, y: float, height: float, minutes: int, isLate: bool}> bars up for late, down for
     *     early
     */
    public function late(): array
    {
        $minutes = array_map(static fn (Cook $cook): int => (int) ($cook->summary['late_min'] ?? 0), $this->cooks);
        $most = max(CoreCook::LATE_MIN, ...array_map(abs(...), $minutes));
        $scale = (self::HIGH / 2 - self::MARGIN) / $most;

        return array_map(fn (int $late, int $index): array => [
            'x' => $this->x($index), 'y' => round(self::HIGH / 2 - max(0, $late) * $scale, 1),
            'height' => round(max(1.5, abs($late) * $scale), 1), 'minutes' => $late,
            'isLate' => $late >= CoreCook::LATE_MIN,
        ], $minutes, array_keys($minutes));
    }

    /**
     * Each bag and each pot on its ring: what it was thought to be after each cook that taught of it.
     *
     * @return list<array{name: string, stove: bool, points: list<Band>, table: list<array{string, string}>}>
     */
    public function factors(): array
    {
        $courses = [];
        $known = $this->known;
        foreach (array_reverse($this->cooks, true) as $index => $cook) {
            $lesson = $cook->lesson();
            foreach ($this->taught($lesson, $known) as $thing => [$name, $belief, $isStove]) {
                $courses[$thing] ??= ['name' => $name, 'stove' => $isStove, 'points' => [], 'table' => []];
                [$low, $likely, $high] = array_map($belief->quantile(...), [0.1, 0.5, 0.9]);
                array_unshift(
                    $courses[$thing]['points'],
                    [
                        'x' => $this->x($index), 'low' => self::y($low), 'likely' => self::y($likely),
                        'high' => self::y($high),
                    ],
                );
                array_unshift(
                    $courses[$thing]['table'],
                    [
                        $this->dated($index),
                        $this->say->say(
                            'pages/notebook.likely-between', likely: self::percent($likely), low: self::percent($low),
                            high: self::percent($high),
                        ),
                    ],
                );
            }
            $known = $known->without($lesson);
        }

        return array_values(
            array_filter($courses, static fn (array $course): bool => count($course['points']) >= self::LEAST_LESSONS)
        );
    }

    /**
     * @param  array{taught?: array{lot: string, likelihood: list<float>}, stove?: array{pot: string, burner: string,
     *     likelihood: list<float>}}  $lesson
     * @return array<string, array{string, FactorBelief, bool}> by thing: its name, what was believed then, whether it
     *     is a stove
     */
    private function taught(array $lesson, Knowledge $known): array
    {
        $things = [];
        if (isset($lesson['taught'])) {
            $bag = $lesson['taught']['lot'];
            $things["lot {$bag}"] = [$this->kitchen->pantry->bags[$bag]->name ?? $bag, $known->bag($bag), false];
        }
        $ring = $this->kitchen->equipment->rings[$lesson['stove']['burner'] ?? ''] ?? null;
        if (isset($lesson['stove']) && $ring !== null) {
            $pot = $lesson['stove']['pot'];
            $things["stove {$pot} {$ring->id}"] = [
                $this->say->say(
                    'pages/notebook.pot-on-ring', pot: $this->kitchen->equipment->pots[$pot]->name ?? $pot,
                    ring: $ring->name,
                ), $known->stove($pot, $ring),
                true,
            ];
        }

        return $things;
    }

    private static function y(float $factor): float
    {
        $share = max(-1.0, min(1.0, log($factor) / self::FACTOR_REACH));

        return round(self::HIGH / 2 - $share * (self::HIGH / 2 - self::MARGIN), 1);
    }

    private static function percent(float $factor): string
    {
        return sprintf('%+d %%', round(100 * ($factor - 1)));
    }
}
