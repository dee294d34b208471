<?php

declare(strict_types=1);

namespace Orbek\Core\Care;

/**
 * The usual public food-safety advice, shown at the step it belongs to. Local rules and the
 * maker's instructions come first; a computed temperature is never proof.
 */
enum Caution: string
{
    case LongSoak = 'long-soak';
    case RawPoultry = 'raw-poultry';
    case RawMeat = 'raw-meat';
    case Core = 'core';
    case HotFat = 'hot-fat';
    case Cloth = 'cloth';
    case LongFlame = 'long-flame';
    case Steam = 'steam';
    case CookedRice = 'cooked-rice';
    case DoughGluten = 'dough-gluten';
    case BreadGluten = 'bread-gluten';
    case Reheat = 'reheat';
    case Essence = 'essence';
    case SmallChildren = 'small-children';
    case BroadBeans = 'broad-beans';
    case PressureCooker = 'pressure-cooker';
    case Charcoal = 'charcoal';

    public function says(): string
    {
        return match ($this) {
            self::LongSoak => 'Soaking past 4 h belongs in the fridge, at 4 °C or below.',
            self::RawPoultry => 'Raw poultry: do not wash it, pat it dry; board, hands and bowl apart.',
            self::RawMeat => 'Raw meat: marinate in the fridge; board, hands and bowl apart; used marinade only if boiled.',
            self::Core => 'Only a thermometer shows a safe core: 74 °C poultry and reheated food, 71 °C minced meat, 63 °C whole cuts and fish. Local rules come first.',
            self::HotFat => 'Hot fat: dry what goes in, never leave it; a lid on a fat fire, never water.',
            self::Cloth => 'Tie the cloth\'s corners up over the lid, away from the flame.',
            self::LongFlame => 'A live flame for two hours is never left alone; air the room.',
            self::Steam => 'Open away from the face; turn out with dry gloves, and ask for a second pair of hands for a heavy pot.',
            self::CookedRice => 'Eat hot (above 60 °C), or cool shallow and into the fridge within 2 h (1 h in a room above 32 °C); eat within 3 days, reheat once, to 74 °C throughout.',
            self::DoughGluten => 'A dough seal holds gluten: tell guests who must not have it.',
            self::BreadGluten => 'A bread base holds gluten: tell guests who must not have it.',
            self::Reheat => 'Reheat leftovers once, to 74 °C throughout, within 3 days; a thermometer shows it.',
            self::Essence => 'Colour, screw-pine and rose essence: keep to the dose on the label.',
            self::SmallChildren => 'Whole spices and bones: take them out of small children\'s plates.',
            self::BroadBeans => 'Broad beans can harm people with G6PD deficiency: ask before you cook them.',
            self::PressureCooker => 'Pressure cooker: by the maker\'s instructions; let the pressure fall before opening.',
            self::Charcoal => 'A coal under the lid gives off carbon monoxide: outdoors or under strong extraction, never with closed windows; ember in a metal cup.',
        };
    }
}
