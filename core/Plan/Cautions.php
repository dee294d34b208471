<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\School;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Seal;

/** Which cautions a dish calls for, at the station where the hand is. */
final class Cautions
{
    /** @return array<value-of<Station>, list<Caution>> by station */
    public static function of(Dish $dish, HeatLine $heat): array
    {
        $filling = $dish->filling->strictest();
        $at = [
            Station::Rice->value => $dish->rice->soak->minutes > 240 ? [Caution::LongSoak] : [],
            Station::Filling->value => match (true) {
                $dish->school === School::Yesterday => [Caution::Reheat, Caution::CookedRice],
                $filling === null => [],
                $filling->isPoultry() => [Caution::RawPoultry, Caution::Core],
                default => [Caution::RawMeat, Caution::Core],
            },
            Station::Layers->value => $dish->base->kind->isLaid() ? [Caution::HotFat] : [],
            Station::Lid->value => $dish->lid->seal->hasCloth() ? [Caution::Cloth] : [],
            Station::Heat->value => $heat->minutes() >= 100 ? [Caution::LongFlame] : [],
            Station::Serve->value => [Caution::Steam, Caution::CookedRice],
        ];
        if (array_filter($dish->extras, static fn (Extra $extra): bool => $extra->kind === ExtraKind::Essence) !== []) {
            $at[Station::Layers->value][] = Caution::Essence;
        }
        if ($dish->table->children > 0) {
            $at[Station::Serve->value][] = Caution::SmallChildren;
        }
        if (isset($dish->allergens()[Allergen::BroadBeans->value])) {
            $at[Station::Serve->value][] = Caution::BroadBeans;
        }
        if ($dish->base->kind === BaseKind::FlatBread) {
            $at[Station::Layers->value][] = Caution::BreadGluten;
        }
        if ($dish->lid->seal === Seal::Dough) {
            $at[Station::Lid->value][] = Caution::DoughGluten;
        }

        return array_filter($at);
    }
}
