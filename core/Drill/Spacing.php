<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use DateTimeImmutable;

/**
 * Which card comes next: what was missed comes again after a few others, what was known after days that grow.
 *
 * The steps are our own, after what is known of practice spaced over days (each about twice the one before).
 */
final readonly class Spacing
{
    /** After so many times right in a row, days till it is asked again. */
    /** Of grains between plates so many are to be told on a scale instead of named. */
    public const FAR = 0.3;

    private const DAYS = [0.0, 1.0, 3.0, 7.0, 16.0, 35.0];

    /** What was just asked is not asked again before so many others. */
    private const OTHERS = 2;

    /** A missed one presses more than any that is due, days. */
    private const MISSED = 1000.0;

    /** So many of those that press most are picked among. */
    private const AMONG = 4;

    /**
     * @param  list<array{card: string, right: bool, at: DateTimeImmutable}>  $history oldest first
     * @param  float  $chance 0 … 1
     */
    public static function next(array $history, DateTimeImmutable $now, float $chance): Card
    {
        $late = array_column(array_slice($history, -self::OTHERS), 'card');
        $pressing = [];
        foreach (Card::all() as $place => $card) {
            if (! in_array($card->id(), $late, true)) {
                $pressing[$place] = self::presses($card, $history, $now);
            }
        }
        arsort($pressing);
        // With those that press as much as the last of them: else new ones would come in their order.
        [$most, $least] = [array_values($pressing)[0], array_values($pressing)[self::AMONG - 1]];
        // And what was missed waits for nothing else.
        $least = $most >= self::MISSED ? max($least, self::MISSED) : $least;
        $leading = array_keys(array_filter($pressing, static fn (float $one): bool => $one >= $least));

        return Card::all()[$leading[min(count($leading) - 1, (int) floor($chance * count($leading)))] ?? 0];
    }

    /**
     * How much a card presses: days over its due one; a missed one most of all, a new one before what is not due yet.
     *
     * @param  list<array{card: string, right: bool, at: DateTimeImmutable}>  $history
     */
    private static function presses(Card $card, array $history, DateTimeImmutable $now): float
    {
        [$row, $last, $missed] = [0, null, false];
        foreach ($history as $answer) {
            if ($answer['card'] === $card->id()) {
                $row = $answer['right'] ? $row + 1 : 0;
                $missed = ! $answer['right'];
                $last = $answer['at'];
            }
        }
        if ($last === null) {
            return 0.0;
        }
        $days = ($now->getTimestamp() - $last->getTimestamp()) / 86400;

        return $missed ? self::MISSED + $days : $days - self::DAYS[min($row, count(self::DAYS) - 1)];
    }
}
