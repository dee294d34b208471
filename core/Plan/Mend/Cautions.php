<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Step;
use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Plan\Station;

/** Which cautions a dish calls for, at the station where the hand is. */
final class Cautions
{
    /**
     * @param  float  $sealedMin minutes under the lid
     * @return array<value-of<Station>, list<Caution>> by station
     */
    public static function of(Dish $dish, float $sealedMin): array
    {
        $at = [
            Station::Rice->value => $dish->grain->rice->soak->isLong() ? [Caution::LongSoak] : [],
            Station::Filling->value => $dish->grain->cooking === Cooking::Quick
                ? [Caution::Reheat, Caution::CookedRice]
                : self::raw($dish),
            Station::Layers->value => $dish->build->base->kind->isLaid ? [Caution::HotFat] : [],
            Station::Lid->value => $dish->lid->seal->hasCloth ? [Caution::Cloth] : [],
            Station::Heat->value => $sealedMin >= 100 ? [Caution::LongFlame] : [],
            Station::Serve->value => [Caution::Steam, Caution::CookedRice],
        ];
        $isEssence = static fn (Extra $extra): bool => $extra->kind === ExtraKind::Essence;
        if (array_filter($dish->build->extras, $isEssence) !== []) {
            $at[Station::Layers->value][] = Caution::Essence;
        }
        foreach ($dish->build->extras as $extra) {
            if ($extra->made?->caution !== null) {
                $at[Station::Layers->value][] = $extra->made->caution;
            }
        }
        if (array_filter($dish->fillings->steps(), static fn (Step $step): bool => $step->underPressure) !== []) {
            $at[Station::Filling->value][] = Caution::PressureCooker;
        }
        if ($dish->table->children > 0) {
            $at[Station::Serve->value][] = Caution::SmallChildren;
        }
        if (isset($dish->allergens()[Allergen::BroadBeans->value])) {
            $at[Station::Serve->value][] = Caution::BroadBeans;
        }
        if (isset($dish->build->base->kind->holds[Allergen::Gluten->value])) {
            $at[Station::Layers->value][] = Caution::BreadGluten;
        }
        if ($dish->lid->smokeMin > 0) {
            $at[Station::Serve->value][] = Caution::Charcoal;
        }
        if ($dish->lid->seal->dough !== null) {
            $at[Station::Lid->value][] = Caution::DoughGluten;
        }

        return array_filter(array_map(
            static fn (array $all): array => array_values(array_unique($all, SORT_REGULAR)), $at,
        ));
    }

    /** @return list<Caution> of all that is raw and has a core to be made safe, the strictest first */
    private static function raw(Dish $dish): array
    {
        $kinds = array_filter(
            array_map(static fn (FillingPart $part): FillingKind => $part->kind, $dish->fillings->parts()),
            static fn (FillingKind $kind): bool => $kind->safeCoreC !== null,
        );
        usort($kinds, static fn (FillingKind $a, FillingKind $b): int => $b->safeCoreC <=> $a->safeCoreC);

        return $kinds === [] ? [] : [
            ...array_map(static fn (FillingKind $kind): Caution => match ($kind->group) {
                FillingGroup::Poultry => Caution::RawPoultry,
                FillingGroup::Fish => Caution::RawFish,
                default => Caution::RawMeat,
            }, $kinds),
            Caution::Core,
        ];
    }
}
