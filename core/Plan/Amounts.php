<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;

/** Everything to be measured out, each with where it is bought and for which task. */
final class Amounts
{
    /** Water to raw rice in the soaking bowl, by weight. */
    private const SOAK_WATER = 2.0;

    private const OIL_ML_PER_L = 3.0;

    private const LEMON_ML_PER_L = 5.0;

    private const FAT_KG_PER_L = 0.92;

    private const SALT_KG_PER_L = 1.2;

    /** A slice of potato as wide as a thumb and finger hold. */
    private const SLICE_CM2 = 16.0;

    private const SLICES_OVERLAP = 1.10;

    private const FOIL_OVERHANG_CM = 6.0;

    /** Green papaya and yogurt in a marinade, g per kg of filling. */
    private const YOGURT_G_PER_KG = 150.0;

    /**
     * @param  list<Pot>  $pots that are layered
     * @return list<Ingredient>
     */
    public static function of(Dish $dish, Kitchen $kitchen, Figure $rice, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured, array $pots): array
    {
        $list = [new Ingredient(Station::Rice, $kitchen->lot($dish->rice->lot, 'rice/lot')->name, $rice, Aisle::Rice, 'rinse', isBought: false)];
        $soak = $dish->rice->soak;
        if ($soak->minutes > 0 && $soak->saltGPerL > 0) {
            $list[] = self::salt(Station::Rice, 'salt for the soak', Figure::of($soak->saltGPerL * $raw->kg * self::SOAK_WATER, 'g', 0, sprintf('%s g a litre in %.1f L, twice the rice.', round($soak->saltGPerL, 1), $raw->kg * self::SOAK_WATER)), 'rinse');
        }
        if ($boil !== null) {
            $list = [...$list, ...self::forTheBoil($dish, $boil)];
        }
        if ($measured !== null) {
            $list[] = new Ingredient(Station::Water, $measured->broth === null ? 'water, measured' : 'water beside the broth', $measured->absorption->beside->filling(1.0), Aisle::House, 'cook', isBought: false);
            if ($measured->broth !== null) {
                $list[] = new Ingredient(Station::Water, 'broth', $measured->broth, Aisle::House, 'cook');
            }
            $list[] = self::salt(Station::Water, 'salt for the rice', $measured->salt, 'cook');
        }

        return [...$list, ...self::forTheFilling($dish, $raw), ...self::forTheBase($dish, $raw, $pots), ...self::toppings($dish, $raw), ...self::forTheSeal($dish, $pots)];
    }

    /** @return list<Ingredient> */
    private static function forTheBoil(Dish $dish, BoilPlan $boil): array
    {
        $list = [
            new Ingredient(Station::Water, 'water to boil in', $boil->water, Aisle::House, 'heat-water', isBought: false),
            self::salt(Station::Water, 'salt for the boil', $boil->salt, 'heat-water'),
        ];
        if ($dish->water->oil) {
            $list[] = new Ingredient(Station::Water, 'oil for the boil', Figure::of(self::OIL_ML_PER_L * $boil->water->amount, 'ml', 0, 'A spoonful or so: it keeps froth down and grains apart. The times are reckoned the same.'), Aisle::Fats, 'heat-water', partOf: 'oil');
        }
        if ($dish->water->lemon) {
            $list[] = new Ingredient(Station::Water, 'lemon juice for the boil', Figure::of(self::LEMON_ML_PER_L * $boil->water->amount, 'ml', 0, 'A squeeze: it keeps the grain white and firm. The times are reckoned the same.'), Aisle::Greens, 'heat-water', partOf: 'lemon');
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private static function forTheFilling(Dish $dish, Mass $raw): array
    {
        $task = $dish->filling->marinade !== null ? 'marinade' : ($dish->filling->steps === [] ? 'layer' : 'filling-1');
        $list = [];
        foreach ($dish->filling->partMasses($raw) as $index => $mass) {
            $part = $dish->filling->parts[$index];
            $why = [sprintf('%s times the raw rice.', round($part->ofRice, 2))];
            if ($part->pieceG !== null) {
                $pieces = (int) round($mass->inGrams() / $part->pieceG);
                $why[] = sprintf('%d of %d g each: whole ones, the rest of the filling makes up for it.', $pieces, (int) round($part->pieceG));
            }
            $amount = Figure::of($mass->inGrams(), 'g', 0, ...$why);
            $bought = $part->bought;
            $name = $part->pieceG === null ? $part->name : sprintf('%s, %d', $part->name, (int) round($mass->inGrams() / $part->pieceG));
            $list[] = new Ingredient(Station::Filling, $name, $amount, Aisle::ofFilling($part), $task, $bought?->name, $bought === null ? null : Figure::of($bought->mass($mass)->inGrams(), 'g', 0, $bought->why()));
        }
        $rawKg = $dish->filling->rawMass($raw)->kg;
        $salt = $dish->filling->saltGPerKg * $rawKg;
        if ($salt > 0) {
            $list[] = self::salt(Station::Filling, $dish->filling->marinade === null ? 'salt for the filling' : 'salt for the marinade', Figure::of($salt, 'g', 0, sprintf('%s g a kg of it.', round($dish->filling->saltGPerKg, 1))), $task);
        }
        $marinade = $dish->filling->marinade;
        if ($marinade !== null && $marinade->papayaPercent > 0) {
            $list[] = new Ingredient(Station::Filling, 'green papaya paste', Figure::of(10 * $marinade->papayaPercent * $rawKg, 'g', 0, sprintf('%s %% of the meat.', round($marinade->papayaPercent, 1))), Aisle::Greens, 'marinade');
        }
        if ($marinade !== null && $marinade->yogurt !== Yogurt::None && ! $dish->filling->hasOwnYogurt()) {
            $list[] = new Ingredient(Station::Filling, 'yogurt for the marinade', Figure::of(self::YOGURT_G_PER_KG * $rawKg, 'g', 0, sprintf('%d g a kg.', (int) self::YOGURT_G_PER_KG))->filling(1.03), Aisle::Dairy, $marinade->yogurt === Yogurt::Morning ? 'yogurt' : 'marinade');
        }

        return $list;
    }

    /**
     * @param  list<Pot>  $pots
     * @return list<Ingredient>
     */
    private static function forTheBase(Dish $dish, Mass $raw, array $pots): array
    {
        $cm2 = array_sum(array_map(static fn (Pot $pot): float => $pot->baseCm2(), $pots));
        $kind = $dish->base->kind;
        $list = [];
        if ($kind->isLaid() && ! $kind->takesRice()) {
            $why = [sprintf('To cover the %d cm² of the base.', (int) round($cm2))];
            if ($kind === BaseKind::Potato) {
                $why[] = sprintf('About %d slices 3.5 mm thick, overlapping by a tenth.', (int) ceil($cm2 * self::SLICES_OVERLAP / self::SLICE_CM2));
            }
            $grams = $kind->gramsPerCm2() * $cm2;
            $list[] = new Ingredient(Station::Layers, $kind->label(), Figure::of($grams, 'g', 0, ...$why), $kind === BaseKind::FlatBread ? Aisle::Bakery : Aisle::Greens, 'hot-fat',
                $kind === BaseKind::Potato ? 'potatoes' : null, $kind === BaseKind::Potato ? Figure::of($grams / 0.85, 'g', 0, 'Of potatoes 85 % is left when peeled.') : null);
        }
        if ($kind === BaseKind::YogurtRice) {
            $list[] = new Ingredient(Station::Layers, 'yogurt for the base', Figure::of(0.25 * $dish->base->riceShare * $raw->inGrams(), 'g', 0, 'A quarter of the base\'s raw rice.')->filling(1.03), Aisle::Dairy, 'hot-fat');
        }
        $fatMl = $dish->base->fatMlPerCm2 * $cm2;
        if ($fatMl > 0) {
            $list[] = new Ingredient(Station::Layers, 'fat for the base', Figure::of($fatMl, 'ml', 0, sprintf('%s ml for each of the %d cm² of the base.', round($dish->base->fatMlPerCm2, 3), (int) round($cm2)))->filling(self::FAT_KG_PER_L), Aisle::Fats, $kind->isLaid() ? 'hot-fat' : 'layer', partOf: 'ghee or oil');
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private static function toppings(Dish $dish, Mass $raw): array
    {
        $list = [];
        foreach ($dish->extras as $index => $extra) {
            $whole = $extra->perKgRice * $raw->kg;
            foreach (Extra::PARTS as $part) {
                $amount = $whole * $extra->split[$part];
                // Nobody lets fall a third of a drop.
                $amount = $extra->kind === ExtraKind::Essence && $amount > 0 ? max(1.0, round($amount)) : $amount;
                if ($amount <= 1e-9) {
                    continue;
                }
                $isAll = $extra->split[$part] > 0.995;
                $where = match ($part) {
                    'marinade' => 'for the marinade',
                    'layers' => 'for the layers',
                    default => 'kept for the top',
                };
                $list[] = new Ingredient(
                    match ($part) {
                        'marinade' => Station::Filling,
                        'layers' => Station::Layers,
                        default => Station::Serve,
                    },
                    $isAll ? $extra->name : "{$extra->name}, {$where}",
                    Figure::of($amount, $extra->unit(), $amount < 10 && $extra->kind !== ExtraKind::Essence ? 1 : 0, sprintf('%s %s for each kg of raw rice%s.', round($extra->perKgRice, 2), $extra->unit(), $isAll ? '' : sprintf(', %d %% of it %s', (int) round(100 * $extra->split[$part]), $where))),
                    Aisle::ofExtra($extra->kind),
                    match (true) {
                        $extra->prepMinutes > 0 => 'extra-'.($index + 1),
                        $part === 'marinade' => $dish->filling->marinade !== null ? 'marinade' : 'filling-1',
                        $part === 'layers' => 'layer',
                        default => 'open',
                    },
                    $extra->bought?->name,
                    $extra->bought === null ? null : Figure::of($amount / $extra->bought->yield, 'g', 0, $extra->bought->why()),
                    partOf: $extra->name,
                );
            }
        }

        return $list;
    }

    /**
     * @param  list<Pot>  $pots
     * @return list<Ingredient>
     */
    private static function forTheSeal(Dish $dish, array $pots): array
    {
        $list = [];
        foreach ($pots as $pot) {
            $rope = $dish->lid->seal->doughRopeCm($pot->diameterCm);
            if ($rope !== null) {
                $list[] = new Ingredient(Station::Lid, 'dough for the rim', Figure::of(Seal::DOUGH_G_PER_CM * $rope, 'g', 0, sprintf('A rope of %d cm, 1.5 cm thick, round the %d cm pot: %s g a cm. About three parts flour, two parts water.', (int) round($rope), (int) round($pot->diameterCm), Seal::DOUGH_G_PER_CM)), Aisle::Bakery, 'dough', 'flour', Figure::of(Seal::DOUGH_G_PER_CM * $rope * 0.62, 'g', 0, 'Of the dough 62 % is flour.'));
            }
            if ($dish->lid->seal === Seal::Foil) {
                $list[] = new Ingredient(Station::Lid, 'foil', Figure::of($pot->diameterCm + 2 * self::FOIL_OVERHANG_CM, 'cm', 0, sprintf('A square sheet that hangs %d cm over the rim all round.', (int) self::FOIL_OVERHANG_CM)), Aisle::House, 'layer');
            }
        }
        $sprinkled = $dish->lid->sprinkledMlPerKg * $dish->table->rawRice()->kg;
        if ($sprinkled > 0) {
            $list[] = new Ingredient(Station::Lid, 'water or milk over the top', Figure::of($sprinkled, 'ml', 0, sprintf('%d ml a kg of raw rice.', (int) round($dish->lid->sprinkledMlPerKg)))->filling(1.0), Aisle::House, 'layer', isBought: false);
        }

        return $list;
    }

    private static function salt(Station $station, string $name, Figure $amount, string $task): Ingredient
    {
        return new Ingredient($station, $name, $amount->filling(self::SALT_KG_PER_L), Aisle::Spices, $task, partOf: 'salt');
    }

    /**
     * What goes on each layer of rice, in order: the layers' share of each topping, evenly.
     *
     * @return list<string> "butter 12 g" and its like, the same on each
     */
    public static function onEachLayer(Dish $dish, Mass $raw): array
    {
        $layers = max(1, count(array_filter($dish->layers, static fn ($layer): bool => $layer->matter === Matter::Rice)));
        $extras = array_filter($dish->extras, static fn (Extra $extra): bool => $extra->split['layers'] > 0);
        usort($extras, static fn (Extra $a, Extra $b): int => $a->kind->place() <=> $b->kind->place());

        return array_map(static function (Extra $extra) use ($layers, $raw): string {
            $amount = $extra->perKgRice * $raw->kg * $extra->split['layers'] / $layers;

            return $extra->kind === ExtraKind::Essence
                ? sprintf('%s %d %s', $extra->name, max(1, (int) round($amount)), round($amount) > 1 ? 'drops' : 'drop')
                : sprintf('%s %s', $extra->name, Figure::of($amount, 'g', $amount < 10 ? 1 : 0, '-')->text());
        }, $extras);
    }
}
