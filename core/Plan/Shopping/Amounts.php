<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Food;
use Orbek\Core\Dish\Gravy;
use Orbek\Core\Dish\Poured;
use Orbek\Core\Dish\Staple;
use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Salt;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Station;
use Orbek\Core\Plan\Work\Stations\Boil;
use Orbek\Core\Plan\Work\Stations\Extras;
use Orbek\Core\Plan\Work\Stations\Fill;
use Orbek\Core\Plan\Work\Stations\Layer;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Seal;

/** Everything to be measured out, each with where it is bought and for which task. */
final readonly class Amounts
{
    /** Water to raw rice in the soaking bowl, by weight. */
    private const SOAK_WATER = 2.0;

    private const OIL_ML_PER_L = 3.0;

    private const LEMON_ML_PER_L = 5.0;

    private const YOGURT_KG_PER_L = 1.03;

    /** Of foods that come by the piece the number is told for those of a hand's size, g. */
    private const PIECE_FROM_G = 30.0;

    private const PIECE_TO_G = 400.0;

    /** What is spooned and nothing else is known of: between ground spice and sugar (our own). */
    private const SPOONED_KG_PER_L = 0.6;

    private const SLICES_OVERLAP = 1.10;

    private const FOIL_OVERHANG_CM = 6.0;

    /** Flour in a dough that seals a rim: about three parts to two of water. */
    private const DOUGH_FLOUR = 0.62;

    /** Yogurt in a marinade, g per kg of filling. */
    private const YOGURT_G_PER_KG = 150.0;

    private Dish $dish;

    private Mass $raw;

    private function __construct(private Potted $potted, private Kitchen $kitchen, private Figure $rice)
    {
        $this->dish = $potted->dish;
        $this->raw = $potted->raw;
    }

    /** @return list<Ingredient> */
    public static function of(Potted $potted, Kitchen $kitchen, Figure $rice): array
    {
        $amounts = new self($potted, $kitchen, $rice);

        // A wet filling may leave no water to measure out, and none to salt.
        return array_values(array_filter([
            ...$amounts->rice(), ...$amounts->water(), ...$amounts->fillings(),
            ...$amounts->base(), ...$amounts->toppings(), ...$amounts->seal(),
        ], static fn (Ingredient $one): bool => $one->amount->amount > 0));
    }

    /** @return list<Ingredient> */
    private function rice(): array
    {
        $bag = $this->kitchen->bag($this->dish->grain->rice->bag, 'rice/lot');
        $list = [
            Ingredient::fromTheHouse(
                Station::Rice, Note::name($bag->name), $this->rice, WorkKind::Rinse->id(), Aisle::Rice,
            ),
        ];
        $soak = $this->dish->grain->rice->soak;
        if ($soak->minutes > 0 && $soak->saltGPerL > 0) {
            $litres = $this->raw->kg * self::SOAK_WATER;
            $why = Note::of('amounts.soak-salt', saltGPerL: round($soak->saltGPerL, 1), kg: $litres);
            $list[] = self::salt(
                Station::Rice, Note::of('amounts.salt-for-the-soak'),
                Figure::of($soak->saltGPerL * $litres, 'g', 0, $why), WorkKind::Rinse->id(),
            );
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private function water(): array
    {
        $rice = $this->potted->rice;
        if ($rice instanceof MeasuredPlan) {
            return $this->measuredWater($rice);
        }
        $task = WorkKind::HeatWater->id();
        $list = [
            Ingredient::fromTheHouse(Station::Water, Note::of('amounts.boil-water'), $rice->water, $task),
            self::salt(Station::Water, Note::of('amounts.salt-for-the-boil'), $rice->salt, $task),
            ...($rice instanceof BoilPlan ? [...self::topUps($rice), ...$this->boiledWithTheRice($rice)] : []),
        ];
        if ($this->dish->grain->water->oil) {
            $oil = Figure::of(
                self::OIL_ML_PER_L * $rice->water->amount, 'ml', 0, Note::of('amounts.why-oil'),
            );
            $list[] = Ingredient::bought(
                Station::Water, Note::of('amounts.oil-for-the-boil'), $oil, Aisle::Fats, $task, Staple::Oil->value,
            );
        }
        if ($this->dish->grain->water->lemon) {
            $juice = Figure::of(
                self::LEMON_ML_PER_L * $rice->water->amount, 'ml', 0, Note::of('amounts.why-lemon'),
            );
            $list[] = Ingredient::bought(
                Station::Water, Note::of('amounts.lemon-juice-for-the-boil'), $juice, Aisle::Greens, $task,
                Staple::Lemon->value,
            );
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private function boiledWithTheRice(BoilPlan $boil): array
    {
        $list = [];
        foreach ($this->dish->grain->boiled as $index => $one) {
            foreach ($tasks = Boil::tasksOf($boil, $one, $index) as $task) {
                $list[] = Ingredient::bought(
                    Station::Water, Note::name($one->name),
                    Figure::of(
                        $one->raw($this->raw)->inGrams() / count($tasks), 'g', 0,
                        Note::of('amounts.times-the-raw-rice', ofRice: round($one->ofRice, 2)),
                        Note::of('amounts.boiled-with-the-rice', minutes: round($one->minutes, 1)),
                    ),
                    $one->kind->isFresh ? Aisle::Greens : Aisle::Rice, $task, $one->name,
                );
            }
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private function measuredWater(MeasuredPlan $measured): array
    {
        $task = WorkKind::Cook->id();
        $name = $measured->broth === null
            ? Note::of('amounts.water-measured')
            : Note::of('amounts.water-beside-the-broth');
        $list = [Ingredient::fromTheHouse(Station::Water, $name, $measured->absorption->beside->filling(1.0), $task)];
        if ($measured->broth !== null) {
            $list[] = Ingredient::bought(
                Station::Water, Note::of('amounts.broth'), $measured->broth, Aisle::House, $task, Staple::Broth->value,
            );
        }

        return [...$list, self::salt(Station::Water, Note::of('amounts.salt-for-the-rice'), $measured->salt, $task)];
    }

    /** @return list<Ingredient> */
    private function fillings(): array
    {
        $lists = [];
        foreach ($this->dish->fillings->all as $place => $filling) {
            $lists[] = [...$this->filling($filling, $place), ...$this->marinade($filling, $place)];
        }

        return array_merge(...$lists);
    }

    /** @return list<Ingredient> */
    private function filling(Filling $filling, int $place): array
    {
        $task = Fill::firstTask($this->dish, $place);
        $list = [];
        foreach ($filling->partMasses($this->raw) as $index => $mass) {
            $part = $filling->parts[$index];
            $list[] = $this->part($part, $mass, Fill::partTask($this->dish, $place, $part));
        }
        if ($filling->gravy !== null) {
            $list = [...$list, ...$this->gravy($filling, $filling->gravy)];
        }
        foreach ($filling->steps as $index => $step) {
            if ($step->pours !== null) {
                $list[] = $this->pouredIn(
                    $step->pours, $step->pouredMlPerKg * $filling->rawMass($this->raw)->kg,
                    Note::of('amounts.poured-per-filling', ml: (int) round($step->pouredMlPerKg)),
                    Fill::stepTask($this->dish, $place, $index),
                );
            }
            if ($step->fatMlPerKg > 0) {
                $list[] = Ingredient::bought(
                    Station::Filling, Note::of('amounts.fat-for-a-step', step: $step->name),
                    Figure::of(
                        $step->fatMlPerKg * $filling->rawMass($this->raw)->kg, 'ml', 0,
                        Note::of('amounts.fat-per-filling', ml: (int) round($step->fatMlPerKg)),
                    ),
                    Aisle::Fats, Fill::stepTask($this->dish, $place, $index), Staple::Fat->value,
                );
            }
        }
        $salt = $filling->saltGPerKg * $filling->rawMass($this->raw)->kg;
        if ($salt > 0) {
            $name = $filling->marinade === null
                ? Note::of('amounts.salt-for-the-filling')
                : Note::of('amounts.salt-for-the-marinade');
            $why = Note::of('amounts.salt-per-filling', saltGPerKg: round($filling->saltGPerKg, 1));
            $list[] = self::salt(Station::Filling, $name, Figure::of($salt, 'g', 0, $why), $task);
        }

        return $list;
    }

    /** What a thing is: "sugar, for the cherries" is sugar. */
    private function food(string $name): ?Food
    {
        return $this->dish->craft->foods->named((string) preg_replace('/[,(].*$|\sfor\s.*$/iu', '', $name));
    }

    /** By cup, spoon and piece as its food is known, for those who have no scale. */
    private function measured(Figure $amount, string $name, float $usualKgPerL, ?float $pieceG = null): Figure
    {
        $food = $this->food($name);

        $each = $food?->pieceG;

        return $amount->filling($food->kgPerL ?? $usualKgPerL)->counted(
            $pieceG ?? ($each !== null && $each >= self::PIECE_FROM_G && $each <= self::PIECE_TO_G ? $each : null),
        );
    }

    /** Where a part is bought: sugar in a filling stands with the spices, whatever fills beside it. */
    private function aisle(FillingPart $part): Aisle
    {
        $food = $part->kind->group === FillingGroup::Ready ? $this->food($part->name) : null;
        $kind = $food === null || ! str_starts_with($food->role, 'extra:')
            ? null : ExtraKind::tryFrom(substr($food->role, strlen('extra:')));

        return $kind === null ? Aisle::ofFilling($part) : Aisle::ofExtra($kind);
    }

    /** Water out of the tap, or what is bought. */
    private function pouredIn(string $name, float $ml, Note $why, string $task): Ingredient
    {
        $foods = $this->dish->craft->foods;
        $figure = Figure::of($ml, 'ml', 0, $why)->filling(1.0);

        return $foods->named($name) === $foods->named('water')
            ? Ingredient::fromTheHouse(Station::Filling, Note::name($name), $figure, $task)
            : Ingredient::bought(Station::Filling, Note::name($name), $figure, Aisle::House, $task, $name);
    }

    /** A filling's part, by pieces where it comes in them, and as it is bought. */
    private function part(FillingPart $part, Mass $mass, string $task): Ingredient
    {
        $pieces = $part->pieceG === null ? null : (int) round($mass->inGrams() / $part->pieceG);
        $why = [Note::of('amounts.times-the-raw-rice', ofRice: round($part->ofRice, 2))];
        if ($pieces !== null) {
            $why[] = Note::of(
                'amounts.whole-pieces', pieces: $pieces, pieceG: (int) round((float) $part->pieceG),
            );
        }

        return Ingredient::bought(
            Station::Filling,
            Note::name($part->name),
            $this->measured(
                Figure::of($mass->inGrams(), 'g', 0, ...$why), $part->name, $part->kind->bulkKgPerLitre, $part->pieceG,
            ), $this->aisle($part), $task, $part->name,
        )->boughtAs(
            $part->bought?->name,
            $part->bought === null ? null : $this->measured(
                Figure::of($part->bought->mass($mass)->inGrams(), 'g', 0, $part->bought->why()), $part->bought->name,
                $part->kind->bulkKgPerLitre,
            ),
        );
    }

    /**
     * Where a filling's gravy goes; what is the rice's water is told there.
     *
     * @return list<Ingredient>
     */
    private function gravy(Filling $filling, Gravy $gravy): array
    {
        $raw = $filling->rawMass($this->raw);
        $why = Note::of(
            'amounts.gravy-made-and-left', ml: (int) round($gravy->mlPerKg * $raw->kg), minutes: $gravy->openMin,
            left: (int) round(100 * $gravy->leftShare($raw)),
        );
        $list = [];
        foreach (
            [
                [
                    $gravy->withIt, Station::Layers, WorkKind::Layer,
                    Note::of('amounts.gravy-in-with', filling: $filling->name),
                ],
                [
                    $gravy->atTable(), Station::Serve, WorkKind::Open,
                    Note::of('amounts.gravy-for-the-table', filling: $filling->name),
                ],
            ] as [$share, $station, $kind, $name]
        ) {
            if ($share > 0.005) {
                $list[] = Ingredient::fromTheHouse(
                    $station, $name,
                    Figure::of($share * $gravy->grams($raw), 'ml', 0, $why)->filling(1.0), $kind->id(),
                );
            }
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private function marinade(Filling $filling, int $place): array
    {
        $marinade = $filling->marinade;
        $rawKg = $filling->rawMass($this->raw)->kg;
        $list = [];
        if ($marinade !== null && $marinade->papayaPercent > 0) {
            $paste = Figure::of(
                10 * $marinade->papayaPercent * $rawKg, 'g', 0,
                Note::of('amounts.papaya-share', papayaPercent: round($marinade->papayaPercent, 1)),
            );
            $list[] = Ingredient::bought(
                Station::Filling, Note::of('amounts.green-papaya-paste'), $paste, Aisle::Greens,
                WorkKind::Marinade->id($place), Staple::Papaya->value,
            );
        }
        if ($marinade !== null && $marinade->yogurt !== Yogurt::None && ! $filling->hasOwnYogurt()) {
            $yogurt = Figure::of(
                self::YOGURT_G_PER_KG * $rawKg, 'g', 0,
                Note::of('amounts.yogurt-share', yogurtGPerKg: (int) self::YOGURT_G_PER_KG),
            );
            $list[] = Ingredient::bought(
                Station::Filling, Note::of(
                    'amounts.yogurt-for-the-marinade',
                ), $yogurt->filling(self::YOGURT_KG_PER_L), Aisle::Dairy,
                Fill::yogurtTask($this->dish, $place), Staple::Yogurt->value,
            );
        }

        return $list;
    }

    /** @return list<Ingredient> */
    private function base(): array
    {
        $cm2 = array_sum(array_map(static fn (Pot $pot): float => $pot->baseCm2(), $this->pots()));
        $base = $this->dish->build->base;
        $task = Layer::baseTask($this->dish);
        $list = $base->kind->isLaid && ! $base->kind->takesRice ? [$this->laid($cm2, $task)] : [];
        if ($base->kind->yogurtShare > 0) {
            $why = Note::of('amounts.base-yogurt-share', yogurtShare: $base->kind->yogurtShare);
            $yogurt = Figure::of(
                $base->kind->yogurtShare * $base->riceShare * $this->raw->inGrams(), 'g', 0, $why,
            )->filling(self::YOGURT_KG_PER_L);
            $list[] = Ingredient::bought(
                Station::Layers, Note::of('amounts.yogurt-for-the-base'), $yogurt, Aisle::Dairy, $task,
                Staple::Yogurt->value,
            );
        }
        $fatMl = $base->fatMlPerCm2 * $cm2;
        if ($fatMl > 0) {
            $why = Note::of(
                'amounts.base-fat-per-area',
                fatMlPerCm2: round($base->fatMlPerCm2, 3),
                cm2: (int) round($cm2),
            );
            $fat = Figure::of($fatMl, 'ml', 0, $why)->filling(Fat::KG_PER_L);
            $list[] = Ingredient::bought(
                Station::Layers, Note::of('amounts.fat-for-the-base'), $fat, Aisle::Fats, $task,
                Staple::GheeOrOil->value,
            );
        }

        return $list;
    }

    /** Slices or bread that cover the base. */
    private function laid(float $cm2, string $task): Ingredient
    {
        $kind = $this->dish->build->base->kind;
        $why = [Note::of('amounts.base-covered', cm2: (int) round($cm2))];
        if ($kind->sliceCm2 > 0) {
            $why[] = Note::of(
                'amounts.base-slices',
                cm2: (int) ceil($cm2 * self::SLICES_OVERLAP / $kind->sliceCm2),
                mm: round($this->dish->build->base->sliceMm, 1),
            );
        }
        $grams = $this->dish->build->base->gramsPerCm2() * $cm2;
        $laid = Ingredient::bought(
            Station::Layers, Note::name($kind->name), Figure::of($grams, 'g', 0, ...$why), $kind->isBaked
                ? Aisle::Bakery
                : Aisle::Greens, $task, $kind->name,
        );

        return $kind->boughtAs === null ? $laid : $laid->boughtAs($kind->boughtAs, Figure::of(
            $grams / $kind->yield, 'g', 0, Note::of(
                'amounts.yield',
                boughtAs: $kind->boughtAs,
                yield: (int) round(100 * $kind->yield),
            ),
        ));
    }

    /** @return list<Ingredient> */
    private function toppings(): array
    {
        $list = [];
        foreach ($this->dish->build->extras as $index => $extra) {
            foreach (Extra::PARTS as $part) {
                $amount = $extra->perKgRice * $this->raw->kg * $extra->split[$part];
                // Nobody lets fall a third of a drop.
                $amount = $extra->kind === ExtraKind::Essence && $amount > 0 ? max(1.0, round($amount)) : $amount;
                if ($amount > 1e-9) {
                    $list[] = $this->topping($extra, $index, $part, $amount);
                }
            }
        }

        return $list;
    }

    private function topping(Extra $extra, int $index, string $part, float $amount): Ingredient
    {
        $isAll = $extra->split[$part] > 0.995;
        $filling = Fill::marinated($this->dish);
        [$station, $task, $where] = match ($part) {
            'marinade' => [
                Station::Filling, Fill::stepWith($this->dish, $filling, $extra->name)
                    ?? Fill::firstTask($this->dish, $filling),
                ($this->dish->fillings->all[$filling]->marinade ?? null) !== null
                    ? Note::of('amounts.for-the-marinade') : Note::of('amounts.for-the-filling'),
            ],
            'layers' => [
                Station::Layers, WorkKind::Layer->id(),
                $extra->isSteamed ? Note::of('amounts.in-one-place-on-the-rice') : Note::of('amounts.for-the-layers'),
            ],
            default => [Station::Serve, WorkKind::Open->id(), Note::of('amounts.kept-for-the-top')],
        };
        $why = Note::of(
            'amounts.per-raw-rice',
            perKgRice: round($extra->perKgRice, 2), unit: $extra->unit(), split: (int) round(
                100 * $extra->split[$part],
            ), where: $where, isAll: $isAll,
        );

        return Ingredient::bought(
            $station,
            $isAll ? Note::name($extra->name) : Note::of('amounts.topping', extra: $extra->name, where: $where),
            $this->measured(
                Figure::of($amount, $extra->unit(), $amount < 10 && $extra->kind !== ExtraKind::Essence ? 1 : 0, $why),
                $extra->name, self::SPOONED_KG_PER_L, $extra->pieceG,
            ),
            Aisle::ofExtra($extra->kind),
            Extras::firstTask($this->dish, $index) ?? $task,
            $extra->name,
        )->boughtAs($extra->bought?->name, $extra->bought === null
            ? null
            : $this->measured(
                Figure::of($amount / $extra->bought->yield, 'g', 0, $extra->bought->why()), $extra->bought->name,
                self::SPOONED_KG_PER_L,
            ))->usedAt($task);
    }

    /** @return list<Ingredient> */
    private function seal(): array
    {
        $lid = $this->dish->lid;
        $list = [];
        foreach ($this->pots() as $pot) {
            $rope = $lid->seal->doughRopeCm($pot->diameterCm);
            if ($rope !== null) {
                $list[] = self::dough($pot, $rope);
            }
            $sheetG = $lid->seal->doughSheetG($pot->diameterCm);
            if ($sheetG !== null) {
                $list[] = Ingredient::bought(
                    Station::Lid, Note::of('amounts.dough-sheet'),
                    Figure::of($sheetG, 'g', 0, Note::of('amounts.sheet-size')), Aisle::Bakery,
                    WorkKind::Dough->id(), Staple::Flour->value,
                );
            }
            if ($lid->seal->hasFoil) {
                $why = Note::of('amounts.foil-size', foilOverhangCm: (int) self::FOIL_OVERHANG_CM);
                $sheet = Figure::of($pot->diameterCm + 2 * self::FOIL_OVERHANG_CM, 'cm', 0, $why);
                $list[] = Ingredient::bought(
                    Station::Lid, Note::of('amounts.foil'), $sheet, Aisle::House, WorkKind::Layer->id(),
                    Staple::Foil->value,
                );
            }
        }
        $sprinkled = $lid->sprinkledMlPerKg * $this->raw->kg;
        if ($sprinkled > 0) {
            $why = Note::of('amounts.poured-per-rice', sprinkledMlPerKg: (int) round($lid->sprinkledMlPerKg));
            $water = Figure::of($sprinkled, 'ml', 0, $why)->filling(1.0);
            $list[] = Ingredient::fromTheHouse(
                Station::Lid, Note::of('amounts.sprinkled'), $water, WorkKind::Layer->id(),
            );
        }

        return [...$list, ...array_map($this->poured(...), $this->dish->build->poured)];
    }

    private function poured(Poured $one): Ingredient
    {
        $why = Note::of('amounts.poured-per-rice', sprinkledMlPerKg: (int) round($one->mlPerKg));

        return Ingredient::bought(
            $one->isAfter ? Station::Serve : Station::Lid, Note::name($one->name),
            Figure::of($one->ml($this->raw), 'ml', 0, $why)->filling($one->kgPerLitre()),
            $one->fatShare > 0.5 ? Aisle::Fats : Aisle::House,
            ($one->isAfter ? WorkKind::Open : WorkKind::Layer)->id(), $one->name,
        );
    }

    private static function dough(Pot $pot, float $ropeCm): Ingredient
    {
        $grams = Seal::DOUGH_G_PER_CM * $ropeCm;
        $why = Note::of(
            'amounts.dough-rope', rope: (int) round($ropeCm), diameterCm: (int) round($pot->diameterCm),
            doughGPerCm: Seal::DOUGH_G_PER_CM,
        );

        return Ingredient::bought(
            Station::Lid, Note::of('amounts.dough-for-the-rim'), Figure::of($grams, 'g', 0, $why), Aisle::Bakery,
            WorkKind::Dough->id(), Staple::Flour->value,
        )
            ->boughtAs(
                Staple::Flour->value,
                Figure::of(
                    $grams * self::DOUGH_FLOUR, 'g', 0,
                    Note::of('amounts.dough-flour', flour: (int) round(100 * self::DOUGH_FLOUR)),
                ),
            );
    }

    /** @return list<Pot> that are layered */
    private function pots(): array
    {
        return array_map(static fn (PotLoad $load): Pot => $load->place->pot, $this->potted->loads);
    }

    /** @return list<Ingredient> what goes in between batches */
    private static function topUps(BoilPlan $boil): array
    {
        $list = [];
        for ($batch = 0; $boil->topUp !== null && $batch < $boil->batches - 1; $batch++) {
            $task = WorkKind::TopUp->id($batch);
            $list[] = Ingredient::fromTheHouse(
                Station::Water, Note::of('amounts.top-up-water'), $boil->topUp->water, $task,
            );
            if ($boil->topUp->salt->amount > 0) {
                $list[] = self::salt(
                    Station::Water, Note::of('amounts.top-up-salt'), $boil->topUp->salt, $task,
                );
            }
        }

        return $list;
    }

    private static function salt(Station $station, Note $name, Figure $amount, string $task): Ingredient
    {
        return Ingredient::bought($station, $name, $amount->filling(Salt::KG_PER_L), Aisle::Spices, $task,
            Staple::Salt->value);
    }

    /**
     * What goes on each layer of rice, in order: the layers' share of each topping, evenly.
     *
     * @return list<Note> "butter 12 g" and its like, the same on each
     */
    public static function onEachLayer(Dish $dish, Mass $raw): array
    {
        $layers = max(
            1,
            count(array_filter($dish->build->layers, static fn ($layer): bool => $layer->matter === Matter::Rice)),
        );
        $extras = array_filter(
            $dish->build->extras,
            static fn (Extra $extra): bool => $extra->split['layers'] > 0 && ! $extra->isSteamed
                && $extra->made?->isLiftedOut !== true && ! $dish->build->goesIntoHoles($extra),
        );
        usort($extras, static fn (Extra $a, Extra $b): int => $a->kind->place() <=> $b->kind->place());

        return array_map(static function (Extra $extra) use ($layers, $raw): Note {
            $amount = $extra->perKgRice * $raw->kg * $extra->split['layers'] / $layers;

            return $extra->kind === ExtraKind::Essence
                ? Note::of('amounts.drops', extra: $extra->name, drops: max(1, (int) round($amount)))
                : Note::of(
                    'amounts.of-each',
                    extra: $extra->name,
                    amount: Quantity::of($amount, 'g', $amount < 10 ? 1 : 0),
                );
        }, $extras);
    }
}
