<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use Orbek\Core\Rice\Stage;

/** Naming a grain's stage by its looks: how far a name is off, and which stage is missed most. */
final class NameTheStage
{
    /** How many of the newest answers count. */
    private const MEMORY = 60;

    /** A stage always missed is asked so many times as often as one always named. */
    private const WEAK = 4.0;

    /** Stages between what was said and what it is: 0 is right. */
    public static function off(Stage $asked, Stage $answered): int
    {
        $cases = Stage::cases();

        return abs((int) array_search($asked, $cases, true) - (int) array_search($answered, $cases, true));
    }

    /**
     * The stage missed most, once there is something to go by.
     *
     * @param  list<array{asked: Stage, answered: Stage}>  $history
     */
    public static function weakest(array $history): ?Stage
    {
        $weights = self::weights($history);
        arsort($weights);
        $stage = array_key_first($weights);

        return $weights[$stage] > (1 + self::WEAK) / 2 ? Stage::from($stage) : null;
    }

    /**
     * @param  list<array{asked: Stage, answered: Stage}>  $history
     * @return non-empty-array<string, float> by stage, 1 for one always named up to WEAK for one always missed
     */
    private static function weights(array $history): array
    {
        $asked = $missed = array_fill_keys(
            array_map(static fn (Stage $stage): string => $stage->value, Stage::cases()),
            0,
        );
        foreach (array_slice($history, -self::MEMORY) as $answer) {
            $asked[$answer['asked']->value]++;
            $missed[$answer['asked']->value] += $answer['asked'] === $answer['answered'] ? 0 : 1;
        }

        // One right and one wrong are reckoned before the first answer, so that no single one decides.
        $weights = [];
        foreach ($asked as $stage => $times) {
            $weights[$stage] = 1 + (self::WEAK - 1) * ($missed[$stage] + 1) / ($times + 2);
        }

        return $weights;
    }

    /** A doneness inside the stage, clear of its limits. */
    public static function within(Stage $stage, float $where): float
    {
        $from = $stage->begins();
        $to = min(1.0, $stage->ends());

        return $from + ($to - $from) * (0.15 + 0.7 * $where);
    }
}
