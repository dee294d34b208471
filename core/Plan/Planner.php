<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Measure\Words;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Water\Taste;

/** plan = f(dish, kitchen, knowledge), seen from a moment. */
final readonly class Planner
{
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
        $potted = Potted::of($dish, $this->kitchen, $this->knowledge);
        foreach ([...$dish->filling->steps, ...$dish->sides, ...$dish->extras] as $step) {
            if ($step->burner !== null) {
                $this->kitchen->burner($step->burner, "the ring of \"{$step->name}\"");
            }
        }
        [$pot, $raw, $boil, $measured, $section, $second, $heat] = [$potted->pot, $potted->raw, $potted->boil, $potted->measured, $potted->section, $potted->second, $potted->heat];
        $burner = $this->kitchen->burner($dish->lid->burner, 'lid/burner');
        $found = new Clashes($potted, $this->kitchen, $this->knowledge);

        $tableAt = $dish->table->serveAt($this->kitchen->timezone);
        [$schedule, $clockClash] = $this->lay($dish, WorkOrder::of($dish, $boil, $measured, $heat, $second));
        $clashes = [...$found->ofThings(), ...$clockClash, ...$found->ofTime($tableAt, $schedule, $this->now)];
        $lidOff = $tableAt->modify($schedule->start('open').' minutes');

        $pots = array_map(static fn (Section $each): Pot => $each->pot, $potted->sections());
        $rice = $this->riceFigure($dish, $raw);
        [$saltiness, $tastes] = $this->salting($dish, $raw, $boil, $measured, $potted->sections());
        $weight = array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $section->layers));

        return new Plan(
            $dish, $this->kitchen, $tableAt,
            $rice,
            Figure::of($dish->filling->rawMass($raw)->inGrams(), 'g', 0, sprintf('%s times the rice, raw; %s when layered, the juice cooked down.', round($dish->filling->rawMass($raw)->kg / $raw->kg, 2), Figure::of($dish->filling->layeredMass($raw)->inGrams(), 'g', 0, '-')->text())),
            Figure::of($weight, 'g', 0, 'Base, rice with the water it holds, and filling, without the pot.'),
            Figure::of($section->freeCm(), 'cm', 1,
                sprintf('%s is %.1f cm high inside; the food goes in about %.1f cm high and steamed stands %.1f cm.', ucfirst($pot->name), $pot->heightCm(), $section->layeredCm(), $section->topCm()),
                sprintf('Steam needs %d cm under the lid to turn.', (int) Section::FREE_CM)),
            $this->steamFigure($dish->lid->seal, $pot),
            Figure::of($heat->minutes(), 'min', 0,
                implode(', ', array_map(static fn ($block): string => Words::minutes($block->minutes).' '.$block->words(), $heat->blocks)).'.',
                $heat->isStock ? sprintf('The school\'s own heat, set for the %d cm² of this base on %s.', (int) round($pot->baseCm2()), $burner->name) : 'Your own heat line.'),
            Figure::timeOfDay($lidOff, sprintf('%d min to open and carry, counted back from the table at %s.', -$schedule->start('open'), $tableAt->format('H:i'))),
            $saltiness, $tastes,
            $boil, $measured, $section, $second, $heat,
            $potted->sealed($this->kitchen, $this->knowledge),
            $this->knowledge->stove($pot->id, $dish->lid->burner), $this->knowledge->lot($dish->rice->lot),
            $schedule,
            Amounts::of($dish, $this->kitchen, $rice, $raw, $boil, $measured, $pots),
            $clashes,
            Cautions::of($dish, $heat),
        );
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
}
