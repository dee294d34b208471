<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** Toppings, in the order in which they go on a layer: fried onion last, so that it stays on top. */
enum ExtraKind: string
{
    /** Whether its kind says what it is, whatever it is called. */
    public function isOneThing(): bool
    {
        return in_array($this, [self::Saffron, self::Herbs, self::Onion], true);
    }

    case Saffron = 'saffron';
    case Fat = 'fat';
    case Herbs = 'herbs';
    case Nuts = 'nuts';
    case Fruit = 'fruit';
    case Other = 'other';
    case Essence = 'essence';
    case Onion = 'onion';

    /** Essences are easily overdone: drops a kg of raw rice past which a dish tastes of nothing else. */
    public const MOST_DROPS_PER_KG = 12.0;

    /** What it is bought as where that differs: a kilo of raw onion gives 250 to 300 g fried. */
    public function bought(): ?Bought
    {
        return $this === self::Onion ? Bought::as(Staple::RawOnion->value, 0.275) : null;
    }

    /** How many days ahead it can be made; null where it is best fresh. */
    public function keepsDays(): ?int
    {
        return match ($this) {
            self::Onion => 3,
            self::Nuts, self::Fruit => 2,
            self::Saffron => 1,
            default => null,
        };
    }

    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
