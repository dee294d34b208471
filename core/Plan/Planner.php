<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Care\Allergen;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\School;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Measure\Words;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use Orbek\Core\Water\Taste;

/** plan = f(dish, kitchen, knowledge), seen from a moment. */
final readonly class Planner
{
    /** Steamed rice, kg per litre (docs/model.md, section E). */
    private const STEAMED_KG_PER_L = 0.63;

    private const DRAINED_KG_PER_L = 0.72;

    /** Weight over raw weight of rice that is tender. */
    private const STEAMED_UPTAKE = 2.4;

    /** A crust is pressed by what lies on it. */
    private const CRUST_KG_PER_L = 0.80;

    private const FAT_KG_PER_L = 0.92;

    private const MOST_HEAT_UP_MIN = 60;

    private const MOST_SALT_G_PER_L = 50.0;

    private const SODIUM_MG_PER_G = 393.0;

    private function __construct(private Kitchen $kitchen, private Knowledge $knowledge, private DateTimeImmutable $now)
    {
    }

    public static function in(Kitchen $kitchen, Knowledge $knowledge, DateTimeImmutable $now): self
    {
        return new self($kitchen, $knowledge, $now);
    }

    /** @throws OutOfRange when the dish names a pot, ring or bag that the kitchen does not have */
    public function plan(Dish $dish): Plan
    {
        $pot = $this->kitchen->pot($dish->lid->pot, 'lid/pot');
        $burner = $this->kitchen->burner($dish->lid->burner, 'lid/burner');
        foreach ([...$dish->filling->steps, ...$dish->sides, ...$dish->extras] as $step) {
            if ($step->burner !== null) {
                $this->kitchen->burner($step->burner, "the ring of \"{$step->name}\"");
            }
        }

        if ($pot->cookerW !== null) {
            throw OutOfRange::because('lid/pot', "\"{$pot->name}\" stands on no ring;", 'name a pot that does');
        }
        $raw = $dish->table->rawRice();
        $heat = $dish->lid->heat === [] ? HeatLine::ofSchool($dish->school, $pot, $burner) : HeatLine::fromFields($dish->lid->heat);
        $boil = $dish->school->isMeasured() ? null : $this->boil($dish, $raw);
        $measured = $dish->school->isMeasured() ? MeasuredPlan::of($dish, $this->kitchen, $this->knowledge->lot($dish->rice->lot), $raw, $heat) : null;
        $second = $this->second($dish, $pot, $raw, $boil, $measured);
        $section = $this->section($dish, $pot, $raw, $boil, $measured, 1 - ($second->share ?? 0.0));

        $clashes = [
            ...($boil === null ? [] : $this->boilClashes($dish, $boil)), ...($measured === null ? [] : $this->measuredClashes($dish, $measured)),
            ...$this->riceClashes($dish), ...$this->fillingClashes($dish), ...$this->potClashes($dish, $section, $second), ...$this->heatClashes($heat),
        ];
        $short = $heat->short();
        if ($short !== null) {
            $clashes[] = new Clash(Station::Heat, sprintf('%s is too weak for %s: it gives %d %% of the heat this step asks for.', $burner->name, $pot->name, (int) round(100 / $short->wanted)),
                $burner->id === $this->kitchen->strongestBurner()->id ? [] : [new Mend('Steam on '.$this->kitchen->strongestBurner()->name, 'lid/burner', $this->kitchen->strongestBurner()->id)]);
        }

        $tableAt = $dish->table->serveAt($this->kitchen->timezone);
        [$schedule, $clockClash] = $this->lay($dish, WorkOrder::of($dish, $boil, $measured, $heat, $second));
        $clashes = [...$clashes, ...$clockClash, ...$this->timeClashes($dish, $tableAt, $schedule)];
        $lidOff = $tableAt->modify($schedule->start('open').' minutes');

        $pots = [$pot, ...($second === null ? [] : [$second->section->pot])];
        $rice = $this->riceFigure($dish, $raw);
        [$saltiness, $tastes] = $this->salting($dish, $raw, $boil, $measured, [$section, ...($second === null ? [] : [$second->section])]);
        $weight = array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $section->layers));

        return new Plan(
            $dish, $this->kitchen, $tableAt,
            $rice,
            Figure::of($dish->filling->rawMass($raw)->inGrams(), 'g', 0, sprintf('%s times the rice, raw; %s when layered, the juice cooked down.', round($dish->filling->rawMass($raw)->kg / $raw->kg, 2), Figure::of($dish->filling->layeredMass($raw)->inGrams(), 'g', 0, '-')->text())),
            Figure::of($weight, 'g', 0, 'Base, rice with the water it holds, and filling, without the pot.'),
            Figure::of($section->freeCm(), 'cm', 1,
                sprintf('%s is %.1f cm high inside; the food goes in about %.1f cm high and steamed stands %.1f cm.', ucfirst($pot->name), $pot->heightCm(), $section->topCm() * array_sum(array_map(static fn (Layer $layer): float => $layer->layeredLitres(), $section->layers)) / max(0.01, array_sum(array_map(static fn (Layer $layer): float => $layer->litres(), $section->layers))), $section->topCm()),
                sprintf('Steam needs %d cm under the lid to turn.', (int) Section::FREE_CM)),
            $this->steamFigure($dish->lid->seal, $pot),
            Figure::of($heat->minutes(), 'min', 0,
                implode(', ', array_map(static fn ($block): string => Words::minutes($block->minutes).' '.$block->words(), $heat->blocks)).'.',
                $heat->isStock ? sprintf('The school\'s own heat, set for the %d cm² of this base on %s.', (int) round($pot->baseCm2()), $burner->name) : 'Your own heat line.'),
            Figure::timeOfDay($lidOff, sprintf('%d min to open and carry, counted back from the table at %s.', -$schedule->start('open'), $tableAt->format('H:i'))),
            $saltiness, $tastes,
            $boil, $measured, $section, $second, $heat,
            Sealing::of($dish, $this->kitchen, $this->knowledge, $pot, $dish->lid->burner, $raw, $boil, $measured, 1 - ($second->share ?? 0.0)),
            $this->knowledge->stove($pot->id, $dish->lid->burner), $this->knowledge->lot($dish->rice->lot),
            $schedule,
            Amounts::of($dish, $this->kitchen, $rice, $raw, $boil, $measured, $pots),
            $clashes,
            self::cautions($dish, $heat),
        );
    }

    private function boil(Dish $dish, Mass $raw): BoilPlan
    {
        return BoilPlan::of($dish, $this->kitchen, $this->knowledge->lot($dish->rice->lot), $raw, WorkOrder::waitMin($dish));
    }

    /** @param  float  $part of the dish that lies in this pot */
    private function section(Dish $dish, Pot $pot, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured, float $part = 1.0): Section
    {
        $whole = $raw;
        $raw = $raw->times($part);
        $uptake = $boil === null ? null : Uptake::of($boil->kind, $dish->rice->soak);
        $rice = static fn (Stage $stage, float $share): Mass => $raw->times($share * ($uptake === null ? $measured->uptake ?? 2.35 : $uptake->at($stage->doneness()) + Uptake::SURFACE));
        // Rice swells by what it still takes up, till it is tender.
        $swells = static fn (Stage $stage): float => max(1.0, self::STEAMED_UPTAKE / ($uptake === null ? $measured->uptake ?? self::STEAMED_UPTAKE : $uptake->at($stage->doneness()) + Uptake::SURFACE));
        $fat = Mass::kilograms($dish->base->fatMlPerCm2 * $pot->baseCm2() / 1000 * self::FAT_KG_PER_L);

        $layers = [];
        if ($dish->base->kind->isLaid()) {
            $base = $dish->base->kind->takesRice() ? $rice($dish->water->stage, $dish->base->riceShare) : Mass::grams($dish->base->kind->gramsPerCm2() * $pot->baseCm2());
            $layers[] = new Layer(Matter::Crust, $dish->base->kind->label(), $base->plus($fat), self::CRUST_KG_PER_L, $dish->base->kind->takesRice() ? $dish->water->stage->doneness() : null);
        }
        if ($dish->folded) {
            $filling = $dish->filling->layeredMass($whole)->times($part);
            $grains = $rice($dish->water->stage, 1 - $dish->base->riceShare);
            $layers[] = new Layer(Matter::Mixed, 'rice, '.$dish->filling->name, $filling->plus($grains), ($filling->kg + $grains->kg) / ($filling->kg / $dish->filling->kgPerLitre() + $grains->kg / self::STEAMED_KG_PER_L), $dish->water->stage->doneness());

            return Section::of($pot, $layers, $dish->mound);
        }
        foreach ($dish->layers as $layer) {
            $stage = $layer->stage ?? $dish->water->stage;
            $label = ($layer->saffron ? 'rice, saffron' : 'rice').($layer->stage === null ? '' : ', '.$stage->label());
            $layers[] = $layer->matter === Matter::Rice
                ? new Layer(Matter::Rice, $label, $rice($stage, $layer->share), self::STEAMED_KG_PER_L, $stage->doneness(), $layer->saffron, $swells($stage), self::DRAINED_KG_PER_L)
                : new Layer(Matter::Filling, $dish->filling->name, $dish->filling->layeredMass($whole)->times($part * $layer->share), $dish->filling->kgPerLitre());
        }

        return Section::of($pot, $layers, $dish->mound);
    }

    /**
     * Salt in all that is eaten, and the water's salt for each taste, solved backwards.
     *
     * @param  list<Section>  $sections
     * @return array{Figure, list<Mend>}
     */
    private function salting(Dish $dish, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured, array $sections): array
    {
        $eatenG = 0.0;
        foreach ($sections as $section) {
            $eatenG += array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $section->layers));
        }
        $fillingG = $dish->filling->saltGPerKg * $dish->filling->rawMass($raw)->kg;
        $riceG = $boil->saltKept->amount ?? $measured->saltKept->amount ?? 0.0;
        $perGPerL = $boil->keptPerGPerL ?? ($measured === null ? 0.0 : $measured->water->amount / 1000);
        $percent = 100 * ($fillingG + $riceG) / $eatenG;
        $servings = $dish->table->eaters + $dish->table->leftovers;

        $tastes = [];
        foreach ([Taste::Mild, Taste::Usual, Taste::Full] as $taste) {
            $gPerL = $perGPerL <= 0 ? -1.0 : $dish->water->saltGPerL + ($taste->percent() / 100 * $eatenG - $fillingG - $riceG) / $perGPerL;
            if ($gPerL >= 0 && $gPerL <= self::MOST_SALT_G_PER_L) {
                $tastes[] = new Mend(sprintf('Salt it %s: %d g a litre', $taste->label(), (int) round($gPerL)), 'water/salt_g_per_l', round($gPerL, 1));
            }
        }

        return [
            Figure::of($percent, '% salt', 2,
                sprintf('%.1f g stay in the rice, %.1f g are in the filling (%s g a kg), in %s that are eaten: %s.', $riceG, $fillingG, round($dish->filling->saltGPerKg, 1), Figure::of($eatenG, 'g', 0, '-')->text(), Taste::of($percent)->label()),
                sprintf('%d mg of sodium a serving, of %d. Under 0.6 %% is flat, 0.7 to 1.0 %% usual, over 1.2 %% salty.', (int) round(self::SODIUM_MG_PER_G * ($fillingG + $riceG) / $servings), $servings)),
            $tastes,
        ];
    }

    private function riceFigure(Dish $dish, Mass $raw): Figure
    {
        $table = $dish->table;
        $parts = [sprintf('%d %s', $table->eaters, $table->eaters === 1 ? 'person' : 'people')];
        if ($table->children > 0) {
            $parts[] = sprintf('%d of them %s at half a share', $table->children, $table->children === 1 ? 'a child' : 'children');
        }
        if ($table->eaters > 8) {
            $parts[] = 'each past the eighth counted 85 %';
        }
        if ($table->leftovers > 0) {
            $parts[] = sprintf('and %d for later', $table->leftovers);
        }

        return Figure::of($raw->inGrams(), 'g', 0,
            sprintf('%s: %s shares of %d g.', implode(', ', $parts), round($table->shares(), 2), (int) $table->plates->gramsPerAdult()),
            sprintf('That is %.1f %s of raw rice.', $raw->volume($this->kitchen->lot($dish->rice->lot, 'rice/lot')->kind->bulkKgPerLitre())->inCups($this->kitchen->cup), $this->kitchen->cup->label()));
    }

    private function steamFigure(Seal $seal, Pot $pot): Figure
    {
        $rope = $seal->doughRopeCm($pot->diameterCm);

        return Figure::of(100 * (1 - $seal->leakShare()), '% kept', 0,
            sprintf('Of the steam that meets the lid, %s lets %d %% out.', $seal->label(), (int) round(100 * $seal->leakShare())),
            $rope === null ? 'The rest drips back, less what a cloth takes up.' : sprintf('The dough rope is %d cm long, 1.5 cm thick: %d g of dough.', (int) round($rope), (int) round(Seal::DOUGH_G_PER_CM * $rope)));
    }

    /** @return list<Clash> */
    private function boilClashes(Dish $dish, BoilPlan $boil): array
    {
        $clashes = [];
        $strongest = $this->kitchen->strongestBurner();
        $mends = $boil->burner->id === $strongest->id ? [] : [new Mend("Boil on {$strongest->name}", 'water/burner', $strongest->id)];
        if ($boil->isHopeless()) {
            $fits = $this->mostEaters($dish, fn (Dish $fewer): bool => $this->boil($fewer, $fewer->table->rawRice())->batches <= 2);
            $clashes[] = new Clash(Station::Water, sprintf('%s on %s would take %d batches.', ucfirst($boil->pot->name), $boil->burner->name, $boil->batches), [
                ...$mends,
                ...$this->otherPots($dish, 'water/pot', fn (Dish $other): bool => ! $this->boil($other, $other->table->rawRice())->isHopeless()),
                ...($fits === null ? [] : [new Mend("Cook for {$fits}", 'table/eaters', $fits)]),
            ]);
        } elseif ($boil->heatUpMin > self::MOST_HEAT_UP_MIN) {
            $clashes[] = new Clash(Station::Water, sprintf('%s needs %s to bring %s to the boil.', $boil->burner->name, Words::minutes($boil->heatUpMin), $boil->water->text()), $mends);
        } elseif ($boil->batches > 1) {
            $clashes[] = new Clash(Station::Water, sprintf('Too much for one boil: %d batches, so that each boils back within %s and a quarter of the pot stays free.', $boil->batches, Figure::clock(BoilPlan::MOST_BACK_S)), [
                ...$mends,
                ...$this->otherPots($dish, 'water/pot', fn (Dish $other): bool => $this->boil($other, $other->table->rawRice())->batches === 1),
            ]);
        }
        foreach ($boil->lifts as $lift) {
            if ($lift->at->amount <= 0) {
                $clashes[] = new Clash(Station::Water, sprintf('Rice that %s would be past it before a hand could lift it.', $lift->stage->words()), $dish->water->draining === Draining::Rinse ? [] : [new Mend('Rinse it cold after draining', 'water/drain', 'rinse')]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function riceClashes(Dish $dish): array
    {
        $clashes = [];
        $lot = $this->kitchen->lot($dish->rice->lot, 'rice/lot');
        $left = $lot->leftG($this->knowledge);
        $wanted = $dish->table->rawRice()->inGrams();
        if ($left !== null && $left < $wanted - 0.5) {
            $mends = [];
            foreach ($this->kitchen->lots as $other) {
                if ($other->id !== $lot->id && ($other->leftG($this->knowledge) ?? INF) >= $wanted) {
                    $mends[] = new Mend("Take the {$other->name}", 'rice/lot', $other->id);
                }
            }
            $fits = $this->mostEaters($dish, static fn (Dish $fewer): bool => $fewer->table->rawRice()->inGrams() <= $left);
            $clashes[] = new Clash(Station::Rice, sprintf('%s has %s left; this takes %s.', ucfirst($lot->name), Figure::of($left, 'g', 0, '-')->text(), Figure::of($wanted, 'g', 0, '-')->text()),
                $fits === null ? $mends : [...$mends, new Mend("Cook for {$fits}", 'table/eaters', $fits)]);
        }
        if ($dish->rice->soak->belongsInTheFridge()) {
            $clashes[] = new Clash(Station::Rice, sprintf('%s at %s °C is too long out of the fridge.', Words::minutes($dish->rice->soak->minutes), round($dish->rice->soak->celsius, 1)), [
                new Mend('Soak in the fridge, 4 °C', 'rice/soak/celsius', 4), new Mend('Soak 2 h', 'rice/soak/minutes', 120),
            ]);
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function measuredClashes(Dish $dish, MeasuredPlan $measured): array
    {
        $clashes = [];
        if ($measured->absorption->isTooWet) {
            $clashes[] = new Clash(Station::Water, 'The filling alone brings more water than the rice can take.', [new Mend('Layer the filling '.Wetness::Dry->label(), 'filling/wetness', Wetness::Dry->value)]);
        }
        if ($measured->broth !== null && $measured->broth->amount < $dish->water->brothPerRice * $dish->table->rawRice()->inGrams() - 1) {
            $clashes[] = new Clash(Station::Water, sprintf('More broth than the rice takes: %s is all.', $measured->water->text()), [new Mend('Use no more broth than that', 'water/broth_per_rice', floor(100 * $measured->water->amount / $dish->table->rawRice()->inGrams()) / 100)]);
        }
        $fullL = $measured->water->amount / 1000 + $dish->table->rawRice()->kg / 1.45;
        if ($dish->school === School::Cooker && $fullL > $measured->pot->litres) {
            $fits = $this->mostEaters($dish, static fn (Dish $fewer): bool => $fewer->table->rawRice()->kg * $fullL / $dish->table->rawRice()->kg <= $measured->pot->litres);
            $clashes[] = new Clash(Station::Water, sprintf('%s holds %.1f L; rice and water make %.1f L.', ucfirst($measured->pot->name), $measured->pot->litres, $fullL), $fits === null ? [] : [new Mend("Cook for {$fits}", 'table/eaters', $fits)]);
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function fillingClashes(Dish $dish): array
    {
        $clashes = [];
        $marinade = $dish->filling->marinade;
        if ($marinade !== null) {
            $times = $marinade->times($dish->filling->strictest() ?? $dish->filling->toughest());
            if ($marinade->minutes < $times['least'] || $marinade->minutes > $times['most']) {
                $clashes[] = new Clash(Station::Filling, sprintf('%s in this marinade is too %s: %s at least, %s at most, since %s.', ucfirst(Words::minutes($marinade->minutes)), $marinade->minutes < $times['least'] ? 'short' : 'long', Words::minutes($times['least']), Words::minutes($times['most']), $times['why']),
                    [new Mend('Marinate '.Words::minutes($times['good']), 'filling/marinade/minutes', $times['good'])]);
            }
        }
        foreach ($dish->extras as $index => $extra) {
            if ($extra->kind === ExtraKind::Essence && $extra->perKgRice > ExtraKind::MOST_DROPS_PER_KG) {
                $clashes[] = new Clash(Station::Layers, sprintf('%s: %d drops a kg of rice drown everything else; the label gives its own limit.', $extra->name, (int) round($extra->perKgRice)), [new Mend(sprintf('Take %d drops a kg', (int) ExtraKind::MOST_DROPS_PER_KG), "extras/{$index}/drops_per_kg_rice", ExtraKind::MOST_DROPS_PER_KG)]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function heatClashes(HeatLine $heat): array
    {
        if (! $heat->usesOven()) {
            return [];
        }
        if ($this->kitchen->oven === null) {
            return [new Clash(Station::Heat, 'This kitchen has no oven.', [])];
        }
        $hottest = max(array_map(static fn (HeatBlock $block): float => $block->ovenC ?? 0.0, $heat->blocks));

        return $hottest > $this->kitchen->oven->mostC ? [new Clash(Station::Heat, sprintf('%s gives %d °C at most.', ucfirst($this->kitchen->oven->name), (int) round($this->kitchen->oven->mostC)), [])] : [];
    }

    /** @return list<Clash> */
    private function potClashes(Dish $dish, Section $section, ?SecondPot $second): array
    {
        if (! $section->isTooFull() && ! ($second !== null && $second->section->isTooFull())) {
            return [];
        }
        if (! $section->isTooFull()) {
            $section = $second->section ?? $section;
        }

        $fits = fn (Dish $other): bool => ! $this->sectionOf($other)->isTooFull();
        $eaters = $this->mostEaters($dish, $fits);
        $free = $section->freeCm();

        return [new Clash(
            Station::Layers,
            sprintf('%s is too small: %s; steam needs %d cm under the lid.', ucfirst($section->pot->name),
                $free < 0 ? sprintf('the food would stand %.1f cm over the rim', -$free) : sprintf('%.1f cm would stay free', $free), (int) Section::FREE_CM),
            [...$this->otherPots($dish, 'lid/pot', $fits), ...$this->twoPots($dish), ...($eaters === null ? [] : [new Mend("Cook for {$eaters}", 'table/eaters', $eaters)])],
        )];
    }

    private function sectionOf(Dish $dish): Section
    {
        $raw = $dish->table->rawRice();

        $pot = $this->kitchen->pot($dish->lid->pot, 'lid/pot');
        $boil = $dish->school->isMeasured() ? null : $this->boil($dish, $raw);
        $measured = $dish->school->isMeasured() ? MeasuredPlan::of($dish, $this->kitchen, $this->knowledge->lot($dish->rice->lot), $raw, HeatLine::ofSchool($dish->school, $pot, $this->kitchen->burner($dish->lid->burner, 'lid/burner'))) : null;

        return $this->section($dish, $pot, $raw, $boil, $measured, 1 - ($this->second($dish, $pot, $raw, $boil, $measured)->share ?? 0.0));
    }

    /** The second pot, with its share by what each holds under the free height. */
    private function second(Dish $dish, Pot $pot, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured): ?SecondPot
    {
        if ($dish->lid->secondPot === null || $dish->lid->secondBurner === null) {
            return null;
        }
        $other = $this->kitchen->pot($dish->lid->secondPot, 'lid/second/pot');
        $ring = $this->kitchen->burner($dish->lid->secondBurner, 'lid/second/burner');
        if ($other->id === $pot->id || $other->cookerW !== null) {
            throw OutOfRange::because('lid/second/pot', "\"{$other->name}\" cannot be the second pot;", 'name another that stands on a ring');
        }
        $share = $other->usableLitres() / ($pot->usableLitres() + $other->usableLitres());

        return new SecondPot($this->section($dish, $other, $raw, $boil, $measured, $share), HeatLine::ofSchool($dish->school, $other, $ring), $ring->id, $share);
    }

    /**
     * Two pots that together would do, where one does not.
     *
     * @return list<Mend>
     */
    private function twoPots(Dish $dish): array
    {
        if ($dish->lid->secondPot !== null || $dish->school === School::Cooker) {
            return [];
        }
        $rings = array_keys($this->kitchen->burners);
        foreach ($this->kitchen->stovePots() as $other) {
            foreach ($rings as $ring) {
                if ($other->id === $dish->lid->pot || ($ring === $dish->lid->burner && count($rings) > 1)) {
                    continue;
                }
                $shared = $dish->changed('lid/second', ['pot' => $other->id, 'burner' => $ring]);
                $raw = $shared->table->rawRice();
                $boil = $shared->school->isMeasured() ? null : $this->boil($shared, $raw);
                $second = $this->second($shared, $this->kitchen->pot($dish->lid->pot, 'lid/pot'), $raw, $boil, null);
                if ($second !== null && ! $second->section->isTooFull() && ! $this->sectionOf($shared)->isTooFull()) {
                    return [new Mend("Share it with the {$other->name}", 'lid/second', ['pot' => $other->id, 'burner' => $ring])];
                }
            }
        }

        return [];
    }

    /**
     * The smallest other pot that would do, as a mend.
     *
     * @param  callable(Dish): bool  $fits
     * @return list<Mend>
     */
    private function otherPots(Dish $dish, string $path, callable $fits): array
    {
        $pots = array_values($this->kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        foreach ($pots as $pot) {
            if ($fits($dish->changed($path, $pot->id))) {
                return [new Mend("Use the {$pot->name}", $path, $pot->id)];
            }
        }

        return [];
    }

    /**
     * The most people, fewer than now, for whom it would do.
     *
     * @param  callable(Dish): bool  $fits
     */
    private function mostEaters(Dish $dish, callable $fits): ?int
    {
        for ($eaters = $dish->table->eaters - 1; $eaters >= max(1, $dish->table->children); $eaters--) {
            if ($fits($dish->changed('table/eaters', $eaters))) {
                return $eaters;
            }
        }

        return null;
    }

    /**
     * @param  list<Task>  $tasks
     * @return array{Schedule, list<Clash>}
     */
    private function lay(Dish $dish, array $tasks): array
    {
        try {
            return [CountBack::lay($tasks), []];
        } catch (CannotBeLaid $broken) {
            // Shown without the greatest gaps, so that the cook sees where it pinches.
            $loose = array_map(static fn (Task $task): Task => $task->withoutMost(), $tasks);

            return [CountBack::lay($loose), [new Clash(Station::Table, ucfirst($broken->getMessage()).' with these rings and one pair of hands.',
                $dish->water->burner === $dish->lid->burner ? [] : [new Mend('Boil and steam on one ring', 'water/burner', $dish->lid->burner)])]];
        }
    }

    /** @return list<Clash> */
    private function timeClashes(Dish $dish, DateTimeImmutable $tableAt, Schedule $schedule): array
    {
        $startsAt = $tableAt->modify($schedule->firstStart().' minutes');
        if ($startsAt >= $this->now) {
            return [];
        }

        $earliest = self::roundUp($this->now->modify(-$schedule->firstStart().' minutes')->setTimezone($tableAt->getTimezone()));
        $sameDay = $earliest->format('Y-m-d') === $tableAt->format('Y-m-d');
        $mends = [new Mend('Serve at '.$earliest->format($sameDay ? 'H:i' : 'H:i \o\n l j F'), 'table/serve_at', $earliest->format('Y-m-d\TH:i'))];
        if ($tableAt <= $this->now) {
            $tomorrow = $this->now->setTimezone($tableAt->getTimezone())->modify('+1 day')->setTime((int) $tableAt->format('G'), (int) $tableAt->format('i'));
            if ($tomorrow > $earliest) {
                $mends[] = new Mend('Serve tomorrow at '.$tomorrow->format('H:i'), 'table/serve_at', $tomorrow->format('Y-m-d\TH:i'));
            }

            return [new Clash(Station::Table, sprintf('%s has passed.', $tableAt->format('H:i \o\n l j F')), $mends)];
        }

        return [new Clash(Station::Table, sprintf('Too little time: the work takes %s, and the table is in %s.', Words::minutes(-$schedule->firstStart()), Words::minutes(($tableAt->getTimestamp() - $this->now->getTimestamp()) / 60)), $mends)];
    }

    private static function roundUp(DateTimeImmutable $time): DateTimeImmutable
    {
        $fiveMinutes = 300;

        return $time->setTimestamp((int) ceil($time->getTimestamp() / $fiveMinutes) * $fiveMinutes);
    }

    /** @return array<value-of<Station>, list<Caution>> */
    private static function cautions(Dish $dish, HeatLine $heat): array
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
