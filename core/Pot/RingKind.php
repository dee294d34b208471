<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

enum RingKind: string
{
    case Gas = 'gas';
    case Coil = 'coil';
    case Ceramic = 'ceramic';
    case Induction = 'induction';
    /** One small gas flame on a cartridge. */
    case Camping = 'camping';

    /** Share of the nominal power that reaches the pot (docs/model.md, section F): of gas .42 to .60 by stove. */
    public function efficiency(): float
    {
        return match ($this) {
            self::Gas => 0.50,
            self::Camping => 0.45,
            self::Coil => 0.65,
            self::Ceramic => 0.68,
            self::Induction => 0.84,
        };
    }

    /** The least steady heat, share of full: gas goes out below it, coil and ceramic pulse. */
    public function least(): float
    {
        return match ($this) {
            self::Gas, self::Camping => 0.22,
            self::Induction => 0.10,
            self::Coil, self::Ceramic => 0.0,
        };
    }

    /** How far a stove's heat lies from its kind's until it has been taught, sd of ln heat (section D). */
    public function priorSd(): float
    {
        return $this->isFlame() ? 0.20 : 0.12;
    }

    public function isFlame(): bool
    {
        return $this === self::Gas || $this === self::Camping;
    }

    /** No ring of its kind gives more, W. */
    public function mostW(): float
    {
        return match ($this) {
            self::Gas => 15000.0,
            self::Camping => 2500.0,
            self::Coil, self::Ceramic => 3500.0,
            self::Induction => 5500.0,
        };
    }

    /** How wide a usual one of so much power is: a flame spreads under the pot, a coil is as wide as its field. */
    public function acrossCm(float $watts): float
    {
        return match ($this) {
            self::Gas, self::Camping => 8.0 + 4.0 * $watts / 1000,
            self::Coil, self::Ceramic, self::Induction => 9.0 + 5.0 * $watts / 1000,
        };
    }
}
