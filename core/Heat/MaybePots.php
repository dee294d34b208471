<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Steaming;

/**
 * A closed pot as it may be: on so many rings and marks (Odds), and on the likeliest of them with another bag and
 * another wetness of its filling.
 */
final readonly class MaybePots
{
    /** How far a filling's free water is misjudged, as a share of its weight. */
    public const WETNESS_SD = 0.04;

    /** The outer points of a bell told by three (Gauss and Hermite), in sd, and what each of them weighs. */
    public const OUTER_SD = 1.7320508;

    public const OUTER_SHARE = 1 / 6;

    /**
     * @param  int  $rings on which pots are followed
     * @param  list<Steaming>  $all by ring × mark; a faster bag and a slower; a drier filling by ring, a wetter one
     */
    private function __construct(private int $rings, public array $all)
    {
    }

    /**
     * Where the pots of each wetness begin among all: drier, as thought (not by ring alone: null), wetter.
     *
     * @return array{int, null, int}
     */
    public static function wets(int $rings): array
    {
        $first = $rings * Odds::MARK_NODES + 2;

        return [$first, null, $first + $rings];
    }

    /** On how many rings so many pots are followed. */
    public static function ringsAmong(int $pots): int
    {
        return intdiv($pots - 2, Odds::MARK_NODES + 2);
    }

    /**
     * @param  float  $lotSd of ln tau
     * @param  callable(SealedPot): Steaming  $follow to where it is now
     */
    public static function of(SealedPot $pot, Odds $odds, float $lotSd, callable $follow): self
    {
        $grid = $odds->pots($pot);
        $middle = array_column($grid, intdiv(Odds::MARK_NODES, 2));
        $likely = $middle[intdiv(count($middle), 2)];
        $wet = static fn (float $wetter): array => array_map(
            static fn (SealedPot $one): SealedPot => self::varied($one, 1.0, $wetter), $middle,
        );

        return new self(count($middle), array_map($follow, [
            ...array_merge(...$grid),
            self::varied($likely, exp(-self::OUTER_SD * $lotSd), 0.0),
            self::varied($likely, exp(self::OUTER_SD * $lotSd), 0.0),
            ...$wet(-self::OUTER_SD * self::WETNESS_SD), ...$wet(self::OUTER_SD * self::WETNESS_SD),
        ]));
    }

    /** The same pot with a slower bag, and a filling wetter by a share of its weight. */
    public static function varied(SealedPot $pot, float $slower, float $wetter): SealedPot
    {
        return $pot->changed(static fn (SealedLayer $layer): SealedLayer => match (true) {
            $layer instanceof SealedRice => $layer->slower($slower),
            $layer instanceof SealedFilling => $layer->wetter($wetter * $layer->stuff->kg()),
            default => $layer,
        });
    }

    /**
     * The same for one to whom some rings are next to impossible: the nearest that is not stands for each of them, and
     * need not be followed twice.
     *
     * @param  array{int, int}  $rings the first and the last that count
     */
    public function within(array $rings): self
    {
        [$first, $last] = $rings;
        $near = static fn (int $ring): int => max($first, min($last, $ring));
        $marks = Odds::MARK_NODES;
        [$drier, , $wetter] = self::wets($this->rings);
        $all = [];
        foreach ($this->all as $at => $pot) {
            $all[] = match (true) {
                // Another bag is told against this one.
                $at === intdiv($this->rings * $marks, 2) => $pot,
                $at < $this->rings * $marks => $this->all[$near(intdiv($at, $marks)) * $marks + $at % $marks],
                $at < $drier => $pot,
                $at < $wetter => $this->all[$drier + $near($at - $drier)],
                default => $this->all[$wetter + $near($at - $wetter)],
            };
        }

        return new self($this->rings, $all);
    }

    /** @param  callable(Steaming): mixed  $do to a copy of each */
    public function after(callable $do): self
    {
        $copies = [];

        return new self($this->rings, array_map(static function (Steaming $pot) use ($do, &$copies): Steaming {
            $id = spl_object_id($pot);
            if (! isset($copies[$id])) {
                $copies[$id] = clone $pot;
                $do($copies[$id]);
            }

            return $copies[$id];
        }, $this->all));
    }

    /** @return list<float|null> minute at which steam met the lid, by pot; null where it has not yet */
    public function steamMin(): array
    {
        return array_map(
            static fn (Steaming $one): ?float => $one->steamAtLidS === null ? null : $one->steamAtLidS / 60, $this->all,
        );
    }

    /** Of one of the pots on a ring and a mark, that with a drier filling on its ring. */
    public function drier(int $which): int
    {
        return self::wets($this->rings)[0] + intdiv($which, Odds::MARK_NODES);
    }

    /** Ln browning now. */
    public function lnBrowning(): OverPots
    {
        return OverPots::of(array_map(
            static fn (Steaming $pot): float => log(max(Way::NO_BROWNING, $pot->browning)), $this->all,
        ));
    }
}
