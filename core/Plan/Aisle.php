<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Filling\FillingKind;

/** Where a thing stands in a shop. */
enum Aisle: string
{
    case Rice = 'rice';
    case Greens = 'greens';
    case Meat = 'meat';
    case Dairy = 'dairy';
    case Bakery = 'bakery';
    case Spices = 'spices';
    case Fats = 'fats';
    case Nuts = 'nuts';
    case House = 'house';

    public function label(): string
    {
        return match ($this) {
            self::Rice => 'Rice and pulses',
            self::Greens => 'Vegetables, fruit, herbs',
            self::Meat => 'Meat and fish',
            self::Dairy => 'Dairy and eggs',
            self::Bakery => 'Bread and flour',
            self::Spices => 'Spices and salt',
            self::Fats => 'Fat and oil',
            self::Nuts => 'Nuts and dried fruit',
            self::House => 'Kitchen goods',
        };
    }

    public static function ofFilling(FillingPart $part): self
    {
        $kind = $part->kind;

        return match (true) {
            $kind === FillingKind::Ready && in_array(Allergen::Milk, $part->holds, true) => self::Dairy,
            $kind === FillingKind::Ready && in_array(Allergen::Nuts, $part->holds, true) => self::Nuts,
            $kind->isMeatOrFish() => self::Meat,
            $kind === FillingKind::Egg, $kind === FillingKind::Paneer => self::Dairy,
            $kind === FillingKind::Ready => self::Rice,
            default => self::Greens,
        };
    }

    public static function ofExtra(ExtraKind $kind): self
    {
        return match ($kind) {
            ExtraKind::Saffron, ExtraKind::Essence, ExtraKind::Other => self::Spices,
            ExtraKind::Fat => self::Fats,
            ExtraKind::Herbs, ExtraKind::Onion => self::Greens,
            ExtraKind::Nuts, ExtraKind::Fruit => self::Nuts,
        };
    }
}
