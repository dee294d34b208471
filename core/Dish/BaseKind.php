<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What the crust (tahdig) is made of. */
enum BaseKind: string
{
    case Rice = 'rice';
    case YogurtRice = 'yogurt-rice';
    case Potato = 'potato';
    case FlatBread = 'flat-bread';
    case Lettuce = 'lettuce';
    case Filling = 'filling';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Rice => 'plain rice',
            self::YogurtRice => 'saffron-yogurt rice',
            self::Potato => 'potato slices',
            self::FlatBread => 'flat bread',
            self::Lettuce => 'lettuce leaves',
            self::Filling => 'the filling itself',
            self::None => 'no crust',
        };
    }

    /** How readily it browns against plain rice at 0.9 (docs/model.md, section F). */
    public function browning(): float
    {
        return match ($this) {
            self::Rice, self::None, self::Lettuce => 0.9,
            self::Filling => 1.2,
            self::YogurtRice => 1.25,
            self::Potato => 1.0,
            self::FlatBread => 1.7,
        };
    }

    /** Bulk density of the layer it makes, kg per litre (section E; bread lies flat). */
    public function kgPerLitre(): float
    {
        return $this === self::Potato ? 0.90 : 0.72;
    }

    /** Whether something of its own is laid over the base. */
    public function isLaid(): bool
    {
        return $this !== self::None && $this !== self::Filling;
    }

    /** Water in it as it is laid, by mass. */
    public function waterShare(): float
    {
        return match ($this) {
            self::Rice, self::YogurtRice => 0.60,
            self::Potato => 0.70,
            self::FlatBread => 0.35,
            self::Lettuce => 0.93,
            self::Filling, self::None => 0.67,
        };
    }

    public function takesRice(): bool
    {
        return $this === self::Rice || $this === self::YogurtRice;
    }

    /**
     * Mass of what is laid over the base, g per cm²; 0 where it is rice or nothing.
     *
     * Slices 3.5 mm thick, overlapping by 10 %, bulk .90 kg/L (docs/model.md, section E); bread one
     * sheet of 0.15 g per cm², lettuce two leaves of 0.04 g per cm².
     */
    public function gramsPerCm2(): float
    {
        return match ($this) {
            self::Potato => 0.35 * 1.10 * 0.90,
            self::FlatBread => 0.15,
            self::Lettuce => 0.08,
            default => 0.0,
        };
    }
}
