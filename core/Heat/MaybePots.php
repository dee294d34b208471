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
 * another wetness of its filling, by which nothing is learned under the lid.
 */
final readonly class MaybePots
{
    /** How far a filling's free water is misjudged, as a share of its weight. */
    public const WETNESS_SD = 0.04;

    /** The outer points of a bell told by three (Gauss and Hermite), in sd, and what each of them weighs. */
    public const OUTER_SD = 1.7320508;

    public const OUTER_SHARE = 1 / 6;

    /**
     * @param  list<list<Steaming>>  $grid by ring, then by mark
     * @param  array{Steaming, Steaming, Steaming, Steaming}  $others a faster bag and a slower, a drier filling and a
     *     wetter
     */
    private function __construct(public array $grid, public array $others)
    {
    }

    /**
     * @param  float  $lotSd of ln tau
     * @param  callable(SealedPot): Steaming  $follow to where it is now
     */
    public static function of(SealedPot $pot, Odds $odds, float $lotSd, callable $follow): self
    {
        $grid = array_map(
            static fn (array $row): array => array_map($follow, $row), $odds->pots($pot),
        );
        $likely = $odds->pots($pot)[intdiv(count($grid), 2)][1];

        return new self($grid, [
            $follow(self::varied($likely, exp(-self::OUTER_SD * $lotSd), 0.0)),
            $follow(self::varied($likely, exp(self::OUTER_SD * $lotSd), 0.0)),
            $follow(self::varied($likely, 1.0, -self::OUTER_SD * self::WETNESS_SD)),
            $follow(self::varied($likely, 1.0, self::OUTER_SD * self::WETNESS_SD)),
        ]);
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

    /** On the ring and mark that are thought likeliest. */
    public function likely(): Steaming
    {
        return $this->grid[intdiv(count($this->grid), 2)][1];
    }

    /** @param  callable(Steaming): mixed  $do to a copy of each */
    public function after(callable $do): self
    {
        $one = static function (Steaming $pot) use ($do): Steaming {
            $copy = clone $pot;
            $do($copy);

            return $copy;
        };

        /** @var array{Steaming, Steaming, Steaming, Steaming} $others */
        $others = array_map($one, $this->others);

        return new self(
            array_map(static fn (array $row): array => array_map($one, $row), $this->grid), $others,
        );
    }

    /** @return list<float> ln browning now, by ring × mark of Odds */
    public function lnBrowning(): array
    {
        return Odds::between(array_map(static fn (array $row): array => array_map(
            static fn (Steaming $pot): float => log(max(Way::NO_BROWNING, $pot->browning)), $row,
        ), $this->grid));
    }
}
