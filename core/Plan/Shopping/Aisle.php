<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Filling\FillingGroup;

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

    public static function ofFilling(FillingPart $part): self
    {
        $group = $part->kind->group;

        return match (true) {
            $group === FillingGroup::Ready && in_array(Allergen::Milk, $part->holds, true) => self::Dairy,
            $group === FillingGroup::Ready && in_array(Allergen::Nuts, $part->holds, true) => self::Nuts,
            $group->isMeatOrFish() => self::Meat,
            $group === FillingGroup::Egg, $group === FillingGroup::Dairy => self::Dairy,
            $group === FillingGroup::Ready => self::Rice,
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
