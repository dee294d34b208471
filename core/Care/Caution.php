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
    case RawFish = 'raw-fish';
    case Core = 'core';
    case HotFat = 'hot-fat';
    case HotSugar = 'hot-sugar';
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
}
