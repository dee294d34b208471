<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

/**
 * The kinds of rice and what each starts from before a bag has taught anything.
 *
 * The constants are priors of a kind (docs/model.md, section A): a bag learns its own factor on
 * tau.
 */
enum RiceKind: string
{
    case AgedBasmati = 'aged-basmati';
    case NewBasmati = 'new-basmati';
    case Persian = 'persian';
    case SellaBasmati = 'sella-basmati';
    case BrownBasmati = 'brown-basmati';
    case SmallGrain = 'small-grain';
    case WhiteLongGrain = 'white-long-grain';

    /** True density of a raw grain, kg/L (rice starch and protein, 1.45 to 1.5; our own). */
    public const RAW_KG_PER_L = 1.45;

    /** Bulk density of drained rice, as it lies in a sieve or a pot. */
    public const DRAINED_KG_PER_L = 0.72;

    /** tau0: seconds from raw to done at 100 °C, unsoaked. */
    public function unsoakedTauS(): float
    {
        return 60 * match ($this) {
            self::AgedBasmati => 19.0,
            self::NewBasmati => 16.5,
            self::Persian => 17.0,
            self::SellaBasmati => 23.0,
            self::BrownBasmati => 38.0,
            self::SmallGrain => 13.0,
            self::WhiteLongGrain => 15.5,
        };
    }

    /** a: the share of tau that a full soak takes away. */
    public function soakGain(): float
    {
        return match ($this) {
            self::SellaBasmati => 0.30,
            self::BrownBasmati => 0.25,
            default => 0.35,
        };
    }

    /** theta20: seconds in which a soak at 20 °C comes within 1/e of its end. */
    public function soakTimeConstantS(): float
    {
        return 60 * match ($this) {
            self::AgedBasmati => 18.0,
            self::NewBasmati => 16.0,
            self::Persian => 17.0,
            self::SellaBasmati => 35.0,
            self::BrownBasmati => 90.0,
            self::SmallGrain => 12.0,
            self::WhiteLongGrain => 15.0,
        };
    }

    /** W_full: weight of the done grain over its raw weight. */
    public function fullUptake(): float
    {
        return match ($this) {
            self::AgedBasmati => 2.65,
            self::NewBasmati => 2.45,
            self::Persian => 2.55,
            self::SellaBasmati => 2.75,
            self::BrownBasmati => 2.50,
            self::SmallGrain => 2.40,
            self::WhiteLongGrain => 2.45,
        };
    }

    /** Bulk density of the raw grain, kg per litre. */
    public function bulkKgPerLitre(): float
    {
        return match ($this) {
            self::AgedBasmati, self::NewBasmati, self::Persian => 0.84,
            self::SellaBasmati => 0.82,
            self::BrownBasmati => 0.80,
            self::SmallGrain => 0.86,
            self::WhiteLongGrain => 0.85,
        };
    }
}
