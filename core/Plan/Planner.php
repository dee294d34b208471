<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
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

    /** A crust is pressed by what lies on it. */
    private const CRUST_KG_PER_L = 0.80;

    private const FAT_KG_PER_L = 0.92;

    /** Water to raw rice in the soaking bowl, by weight. */
    private const SOAK_WATER = 2.0;

    private const MOST_HEAT_UP_MIN = 60;

    private const MOST_SALT_G_PER_L = 50.0;

    private const SODIUM_MG_PER_G = 393.0;

    private const OIL_ML_PER_L = 3.0;

    private const LEMON_ML_PER_L = 5.0;

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
        foreach ([...$dish->filling->steps, ...$dish->sides] as $step) {
            if ($step->burner !== null) {
                $this->kitchen->burner($step->burner, "the ring of \"{$step->name}\"");
            }
        }

        $raw = $dish->table->rawRice();
        $boil = $this->boil($dish, $raw);
        $section = $this->section($dish, $pot, $raw, $boil);
        $heat = $dish->lid->heat === [] ? HeatLine::ofSchool($dish->school, $pot, $burner) : HeatLine::fromFields($dish->lid->heat);

        $clashes = [...$this->boilClashes($dish, $boil), ...$this->potClashes($dish, $section)];
        $short = $heat->short();
        if ($short !== null) {
            $clashes[] = new Clash(Station::Heat, sprintf('%s is too weak for %s: it gives %d %% of the heat this step asks for.', $burner->name, $pot->name, (int) round(100 / $short->wanted)),
                $burner->id === $this->kitchen->strongestBurner()->id ? [] : [new Mend('Steam on '.$this->kitchen->strongestBurner()->name, 'lid/burner', $this->kitchen->strongestBurner()->id)]);
        }

        $tableAt = $dish->table->serveAt($this->kitchen->timezone);
        [$schedule, $clockClash] = $this->lay($dish, WorkOrder::of($dish, $boil, $heat));
        $clashes = [...$clashes, ...$clockClash, ...$this->timeClashes($dish, $tableAt, $schedule)];
        $lidOff = $tableAt->modify($schedule->start('open').' minutes');

        [$saltiness, $tastes] = $this->salting($dish, $raw, $boil, $section);
        $weight = array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $section->layers));

        return new Plan(
            $dish, $this->kitchen, $tableAt,
            $this->riceFigure($dish, $raw),
            Figure::of($dish->filling->rawMass($raw)->inGrams(), 'g', 0, sprintf('%s times the rice, raw; %s when layered, the juice cooked down.', round($dish->filling->rawMass($raw)->kg / $raw->kg, 2), Figure::of($dish->filling->layeredMass($raw)->inGrams(), 'g', 0, '-')->text())),
            Figure::of($weight, 'g', 0, 'Base, rice with the water it holds, and filling, without the pot.'),
            Figure::of($section->freeCm(), 'cm', 1,
                sprintf('%s is %.1f cm high inside; steamed, the food stands %.1f cm.', ucfirst($pot->name), $pot->heightCm(), $section->topCm()),
                sprintf('Steam needs %d cm under the lid to turn.', (int) Section::FREE_CM)),
            $this->steamFigure($dish->lid->seal, $pot),
            Figure::of($heat->minutes(), 'min', 0,
                implode(', ', array_map(static fn ($block): string => Words::minutes($block->minutes).' '.$block->words(), $heat->blocks)).'.',
                $heat->isStock ? sprintf('The school\'s own heat, set for the %d cm² of this base on %s.', (int) round($pot->baseCm2()), $burner->name) : 'Your own heat line.'),
            Figure::timeOfDay($lidOff, sprintf('%d min to open and carry, counted back from the table at %s.', -$schedule->start('open'), $tableAt->format('H:i'))),
            $saltiness, $tastes,
            $boil, $section, $heat, $schedule,
            $this->ingredients($dish, $raw, $boil, $section),
            $clashes,
            self::cautions($dish, $heat),
        );
    }

    private function boil(Dish $dish, Mass $raw): BoilPlan
    {
        return BoilPlan::of($dish, $this->kitchen, $this->knowledge->lot($dish->rice->lot), $raw, WorkOrder::waitMin($dish));
    }

    private function section(Dish $dish, Pot $pot, Mass $raw, BoilPlan $boil): Section
    {
        $uptake = Uptake::of($boil->kind, $dish->rice->soak);
        $rice = static fn (Stage $stage, float $share): Mass => $raw->times($share * ($uptake->at($stage->doneness()) + Uptake::SURFACE));
        $fat = Mass::kilograms($dish->base->fatMlPerCm2 * $pot->baseCm2() / 1000 * self::FAT_KG_PER_L);

        $layers = [];
        if ($dish->base->kind !== BaseKind::None) {
            $base = $dish->base->kind->takesRice() ? $rice($dish->water->stage, $dish->base->riceShare) : Mass::grams($dish->base->kind->gramsPerCm2() * $pot->baseCm2());
            $layers[] = new Layer(Matter::Crust, $dish->base->kind->label(), $base->plus($fat), self::CRUST_KG_PER_L, $dish->base->kind->takesRice() ? $dish->water->stage->doneness() : null);
        }
        foreach ($dish->layers as $layer) {
            $stage = $layer->stage ?? $dish->water->stage;
            $label = ($layer->saffron ? 'rice, saffron' : 'rice').($layer->stage === null ? '' : ', '.$stage->label());
            $layers[] = $layer->matter === Matter::Rice
                ? new Layer(Matter::Rice, $label, $rice($stage, $layer->share), self::STEAMED_KG_PER_L, $stage->doneness(), $layer->saffron)
                : new Layer(Matter::Filling, $dish->filling->name, $dish->filling->layeredMass($raw)->times($layer->share), $dish->filling->kgPerLitre());
        }

        return Section::of($pot, $layers, $dish->mound);
    }

    /**
     * Salt in all that is eaten, and the water's salt for each taste, solved backwards.
     *
     * @return array{Figure, list<Mend>}
     */
    private function salting(Dish $dish, Mass $raw, BoilPlan $boil, Section $section): array
    {
        $eatenG = array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $section->layers));
        $fillingG = $dish->filling->saltGPerKg * $dish->filling->rawMass($raw)->kg;
        $riceG = $boil->saltKept->amount;
        $percent = 100 * ($fillingG + $riceG) / $eatenG;
        $servings = $dish->table->eaters + $dish->table->leftovers;

        $tastes = [];
        foreach ([Taste::Mild, Taste::Usual, Taste::Full] as $taste) {
            $gPerL = $dish->water->saltGPerL + ($taste->percent() / 100 * $eatenG - $fillingG - $riceG) / $boil->keptPerGPerL;
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
            $rope === null ? 'The rest drips back, less what a cloth takes up.' : sprintf('The dough rope is %d cm long, 1.5 cm thick: %d g of dough.', (int) round($rope), (int) round(22 * $rope)));
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
    private function potClashes(Dish $dish, Section $section): array
    {
        if (! $section->isTooFull()) {
            return [];
        }

        $fits = fn (Dish $other): bool => ! $this->sectionOf($other)->isTooFull();
        $eaters = $this->mostEaters($dish, $fits);
        $free = $section->freeCm();

        return [new Clash(
            Station::Layers,
            sprintf('%s is too small: %s; steam needs %d cm under the lid.', ucfirst($section->pot->name),
                $free < 0 ? sprintf('the food would stand %.1f cm over the rim', -$free) : sprintf('%.1f cm would stay free', $free), (int) Section::FREE_CM),
            [...$this->otherPots($dish, 'lid/pot', $fits), ...($eaters === null ? [] : [new Mend("Cook for {$eaters}", 'table/eaters', $eaters)])],
        )];
    }

    private function sectionOf(Dish $dish): Section
    {
        $raw = $dish->table->rawRice();

        return $this->section($dish, $this->kitchen->pot($dish->lid->pot, 'lid/pot'), $raw, $this->boil($dish, $raw));
    }

    /**
     * The smallest other pot that would do, as a mend.
     *
     * @param  callable(Dish): bool  $fits
     * @return list<Mend>
     */
    private function otherPots(Dish $dish, string $path, callable $fits): array
    {
        $pots = array_values($this->kitchen->pots);
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

    /** @return list<Ingredient> */
    private function ingredients(Dish $dish, Mass $raw, BoilPlan $boil, Section $section): array
    {
        $list = [new Ingredient(Station::Rice, $this->kitchen->lot($dish->rice->lot, 'rice/lot')->name, $this->riceFigure($dish, $raw))];
        $soak = $dish->rice->soak;
        if ($soak->minutes > 0 && $soak->saltGPerL > 0) {
            $list[] = new Ingredient(Station::Rice, 'salt for the soak', Figure::of($soak->saltGPerL * $raw->kg * self::SOAK_WATER, 'g', 0, sprintf('%s g a litre in %.1f L, twice the rice.', round($soak->saltGPerL, 1), $raw->kg * self::SOAK_WATER)));
        }
        $list[] = new Ingredient(Station::Water, 'water to boil in', $boil->water);
        $list[] = new Ingredient(Station::Water, 'salt for the boil', $boil->salt);
        if ($dish->water->oil) {
            $list[] = new Ingredient(Station::Water, 'oil for the boil', Figure::of(self::OIL_ML_PER_L * $boil->water->amount, 'ml', 0, 'A spoonful or so: it keeps froth down and grains apart. The times are reckoned the same.'));
        }
        if ($dish->water->lemon) {
            $list[] = new Ingredient(Station::Water, 'lemon juice for the boil', Figure::of(self::LEMON_ML_PER_L * $boil->water->amount, 'ml', 0, 'A squeeze: it keeps the grain white and firm. The times are reckoned the same.'));
        }
        foreach ($dish->filling->parts as $part) {
            $list[] = new Ingredient(Station::Filling, $part['name'], Figure::of($raw->inGrams() * $part['ofRice'], 'g', 0, sprintf('%s times the raw rice.', round($part['ofRice'], 2))));
        }
        if (! $dish->base->kind->takesRice() && $dish->base->kind !== BaseKind::None) {
            $list[] = new Ingredient(Station::Layers, $dish->base->kind->label(), Figure::of($dish->base->kind->gramsPerCm2() * $section->pot->baseCm2(), 'g', 0, sprintf('To cover the %d cm² of the base.', (int) round($section->pot->baseCm2()))));
        }
        $fatMl = $dish->base->fatMlPerCm2 * $section->pot->baseCm2();
        if ($fatMl > 0) {
            $list[] = new Ingredient(Station::Layers, 'fat for the base', Figure::of($fatMl, 'ml', 0, sprintf('%s ml for each of the %d cm² of the base.', round($dish->base->fatMlPerCm2, 2), (int) round($section->pot->baseCm2()))));
        }
        foreach ($dish->extras as $extra) {
            $grams = $extra->gramsPerKgRice * $raw->kg;
            $list[] = new Ingredient($extra->atTable ? Station::Serve : Station::Layers, $extra->name, Figure::of($grams, 'g', $grams < 10 ? 1 : 0, sprintf('%s g for each kg of raw rice.', round($extra->gramsPerKgRice, 2))));
        }

        return $list;
    }

    /** @return array<value-of<Station>, list<Caution>> */
    private static function cautions(Dish $dish, HeatLine $heat): array
    {
        $filling = $dish->filling->strictest();
        $at = [
            Station::Rice->value => $dish->rice->soak->minutes > 240 ? [Caution::LongSoak] : [],
            Station::Filling->value => match (true) {
                $filling === null => [],
                $filling->isPoultry() => [Caution::RawPoultry, Caution::Core],
                default => [Caution::RawMeat, Caution::Core],
            },
            Station::Layers->value => $dish->base->kind === BaseKind::None ? [] : [Caution::HotFat],
            Station::Lid->value => $dish->lid->seal->hasCloth() ? [Caution::Cloth] : [],
            Station::Heat->value => $heat->minutes() >= 100 ? [Caution::LongFlame] : [],
            Station::Serve->value => [Caution::Steam, Caution::CookedRice],
        ];
        if ($dish->base->kind === BaseKind::FlatBread) {
            $at[Station::Layers->value][] = Caution::BreadGluten;
        }
        if ($dish->lid->seal === Seal::Dough) {
            $at[Station::Lid->value][] = Caution::DoughGluten;
        }

        return array_filter($at);
    }
}
