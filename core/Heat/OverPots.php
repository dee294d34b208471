<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/**
 * One figure of every pot that may be (MaybePots), read off on the grid of Odds; what a drier filling adds, or a wetter
 * one, is the same on any low mark.
 */
final readonly class OverPots
{
    /** @param  list<list<float>>  $values by wetness, then by ring × mark */
    public function __construct(public array $values)
    {
    }

    /** @param  list<float>  $values of the pots in the order in which MaybePots follows them */
    public static function of(array $values): self
    {
        $rings = MaybePots::ringsAmong(count($values));
        $grid = array_chunk(array_slice($values, 0, $rings * Odds::MARK_NODES), Odds::MARK_NODES);
        $middle = array_column($grid, intdiv(Odds::MARK_NODES, 2));
        $there = Odds::between($grid);
        $wets = [];
        foreach (MaybePots::wets($rings) as $from) {
            if ($from === null) {
                $wets[] = $there;

                continue;
            }
            $adds = Odds::alongRings(array_map(
                static fn (float $one, float $other): float => $one - $other,
                array_slice($values, $from, $rings), $middle,
            ));
            $wets[] = array_map(
                static fn (int $i, float $value): float => $value + $adds[intdiv($i, Odds::MARKS)],
                array_keys($there), $there,
            );
        }

        return new self($wets);
    }

    /**
     * What a figure makes likely, by ring × mark, then by browning × wetness of Odds.
     *
     * @param  callable(float): float  $likely
     * @return list<list<float>>
     */
    public function likely(callable $likely): array
    {
        return array_map(static function (float ...$wets) use ($likely): array {
            $row = array_map($likely, array_values($wets));

            return array_merge(...array_fill(0, Odds::BROWNS, $row));
        }, ...$this->values);
    }
}
