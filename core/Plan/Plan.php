<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\Findings;
use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Heat\HeatSearch;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Heat\Steerable;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Eye;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Sense;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Mend\Cautions;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Mend\Mending;
use Orbek\Core\Plan\Pot\PotFault;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Rice\Salting;
use Orbek\Core\Plan\Rice\WaterBalance;
use Orbek\Core\Plan\Shopping\Amounts;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Shopping\Totals;
use Orbek\Core\Plan\Work\Day;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;

/** What follows from a dish in a kitchen: computed once, read by every screen, export and command. */
final class Plan
{
    public readonly Dish $dish;

    public readonly Totals $totals;

    public readonly Salting $salting;

    /**
     * @param  list<Ingredient>  $ingredients
     * @param  list<Clash>  $clashes
     */
    public function __construct(
        public readonly Potted $potted,
        public readonly Kitchen $kitchen,
        private readonly Knowledge $knowledge,
        public readonly Day $day,
        public readonly array $ingredients,
        public readonly array $clashes,
        /** Whether what the day's boil said of the ring is known in it already. */
        public readonly bool $knowsItsBoil = false,
    ) {
        $this->dish = $potted->dish;
        $this->totals = new Totals($potted, $kitchen, $day);
        $this->salting = Salting::of($potted, $knowledge->salt());
    }

    /** The pot that is layered and sealed. */
    public function pot(): Pot
    {
        return $this->potted->first()->place->pot;
    }

    /** The boil of rice that is drained; null where the rice takes up measured water. */
    public function boil(): ?BoilPlan
    {
        return $this->potted->rice instanceof BoilPlan ? $this->potted->rice : null;
    }

    public function measured(): ?MeasuredPlan
    {
        return $this->potted->rice instanceof MeasuredPlan ? $this->potted->rice : null;
    }

    /** What is believed of this pot on this ring. */
    public function stove(): FactorBelief
    {
        return $this->knowledge->stove($this->pot()->id, $this->potted->first()->place->ring);
    }

    /** What is believed of this bag. */
    public function bag(): FactorBelief
    {
        return $this->knowledge->bag($this->dish->grain->rice->bag);
    }

    /** By how much longer a kind of filling is thought to take, in this household, till it is tender. */
    public function tenderFactor(string $kind): float
    {
        return $this->knowledge->tender($kind)->likely();
    }

    /** How whoever cooks it reads grains. */
    public function eye(): Eye
    {
        return $this->knowledge->eye();
    }

    /** Who reads the grains. */
    public function reads(): string
    {
        return $this->knowledge->reads;
    }

    /** @return array<value-of<Station>, list<Caution>> by station */
    public function cautions(): array
    {
        return Cautions::of($this->dish, HeatLine::minutes($this->potted->first()->heat()));
    }

    /**
     * The layers that the dish chooses, without the base's own.
     *
     * @return list<Layer>
     */
    public function layersInPot(): array
    {
        return array_values(
            array_filter(
                $this->potted->first()->section->layers,
                static fn (Layer $layer): bool => $layer->matter !== Matter::Crust,
            ),
        );
    }

    /**
     * What lies on each layer of rice, in order.
     *
     * @return list<Note>
     */
    public function onEachLayer(): array
    {
        return Amounts::onEachLayer($this->dish, $this->potted->raw);
    }

    /** The pot as its lid is closed; null where the food would not go in. */
    public function sealedPot(): ?SealedPot
    {
        return $this->potted->first()->sealed;
    }

    /** The heat it gets; null where the food would not go in. */
    public function heating(): ?Heating
    {
        return $this->potted->first()->heating;
    }

    /** What happens under the lid; null where the food would not go in. */
    public function course(): ?Course
    {
        return $this->heating()?->course();
    }

    /** @return list<PotFault> what goes wrong under the lids as planned, in the order in which it happens */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->potted->loads as $load) {
            foreach ($load->heating?->foretold() ?? [] as $foretold) {
                $faults[] = new PotFault($foretold, count($this->potted->loads) > 1 ? $load->place->pot : null);
            }
        }
        usort($faults, static fn (PotFault $a, PotFault $b): int => $a->foretold->minute <=> $b->foretold->minute);

        return $faults;
    }

    /** Whether all comes out as it is wanted. */
    public function isRight(): bool
    {
        return $this->potted->tooFull() === null && $this->faults() === [];
    }

    /** @return list<Mend> changes that would make it right, each planned anew */
    public function mends(): array
    {
        return Mending::of($this, $this->planner());
    }

    /** @return list<Mend> changes that would make come right more often what is right as thought (Mending::surer) */
    public function surer(): array
    {
        return Mending::surer($this, $this->planner());
    }

    /** For what is to be planned anew as this was. */
    public function planner(): Planner
    {
        return Planner::in($this->kitchen, $this->knowledge, $this->day->tableAt);
    }

    /** A heat line found for the pot, whatever the cook's own is; null where the food would not go in. */
    public function found(): ?Heating
    {
        return $this->heating()?->origin === Origin::Own
            ? $this->planner()->plan($this->dish->changed('lid/heat', null))->heating()
            : $this->heating();
    }

    /** Other heats that were looked at for the pot; null where none was looked for. */
    public function otherHeats(): ?Findings
    {
        $load = $this->potted->first();

        return $load->sealed === null || $load->stove === null || HeatLine::usesOven($load->schoolLine)
            ? null
            : HeatSearch::find(
                $load->sealed, $this->dish->aim(), $load->stove, $this->dish->bounds(), $this->stove()->today()->sd(),
            );
    }

    /** The school's own line under this pot. */
    public function schoolsHeat(): ?HeatPlan
    {
        $load = $this->potted->first();

        return $load->sealed === null ? null : HeatPlan::of($load->sealed, $this->dish->aim(), $load->schoolLine);
    }

    /** How sure all this is, over what is not known of stove, bag and filling; null where something clashes. */
    public function howSure(): ?HowSure
    {
        $load = $this->potted->first();

        // Beside something that does not fit a count of kitchens would say that all is well.
        return $load->sealed === null || $this->clashes !== [] ? null : HowSure::of(
            $load->sealed, $load->line(), $this->dish->aim(), $this->odds(), $this->bag()->today()->sd(),
        );
    }

    /**
     * What is believed of ring, low marks and browning under its pot.
     *
     * @param  array{pot: string, burner: string, likelihood: list<float>}|null  $boiled what the day's boil says
     */
    public function odds(?array $boiled = null): Odds
    {
        $load = $this->potted->first();
        $low = Odds::lowMark($load->line());
        $odds = Odds::of(
            $this->stove()->today()->sd(),
            $low === null ? Odds::MARK_SD : $this->knowledge->mark(
                $low->ring === '' ? $load->place->ring->id : $low->ring, $low->setting,
            )->today()->sd(),
            hypot(
                $this->knowledge->browning($this->pot()->id, $this->dish->build->base->kind->id)->today()->sd(),
                Odds::LAW_SD,
            ),
        );
        if ($boiled === null || $this->knowsItsBoil || $boiled['burner'] !== $load->place->ring->id) {
            return $odds;
        }
        $said = array_map(static fn (float $likely): float => log(max(1e-12, $likely)), $boiled['likelihood']);
        $said = $boiled['pot'] === $this->pot()->id
            ? $said : FactorBelief::ofAnother($said, M_SQRT2 * Knowledge::POT_SD);
        $likely = log($this->stove()->likely());

        return $odds->givenRings(array_map(
            static fn (float $ln): float => exp(FactorBelief::at($said, $likely + $ln)), $odds->rings(),
        ))->closer();
    }

    /**
     * The same kitchens with a cook who looks where the crust is going.
     *
     * @return array<string, list<KitchenEnd>> by what is known, one after another: a boil, steam, a look; none where
     *     there is no heat on a ring to be steered
     */
    public function steered(): array
    {
        $what = $this->clashes === [] ? $this->steerable() : null;

        return $what === null ? [] : SteeredKitchens::of($what, $this->boil() !== null);
    }

    /** Its closed pot as far as steering it needs to know; null where there is nothing to steer. */
    public function steerable(): ?Steerable
    {
        $load = $this->potted->first();

        $edges = $this->dish->craft->told(Sense::Look);

        return $load->sealed === null || $load->stove === null || $edges === [] ? null : new Steerable(
            pot: $load->sealed, line: $load->line(), aim: $this->dish->aim(), odds: $this->odds(),
            lotSd: $this->bag()->today()->sd(), stove: $load->stove, bounds: $this->dish->bounds(),
            edges: $edges,
        );
    }

    public function balance(): ?WaterBalance
    {
        $course = $this->course();

        return $course === null ? null : WaterBalance::of($this->dish, $course);
    }

    /**
     * How far it is from coming out as wanted, whatever the clock says: less is better.
     *
     * @return array{int, int, int} whether it does not go in, what will not do, what comes out wrong
     */
    public function misses(): array
    {
        $things = array_filter($this->clashes, static fn (Clash $clash): bool => $clash->station !== Station::Table);

        return [(int) ($this->potted->tooFull() !== null), count($things), count($this->faults())];
    }

    /** The figure that sums a station up in its line. */
    public function result(Station $station): Figure
    {
        return match ($station) {
            Station::Table => $this->totals->rice(),
            Station::Rice => $this->potted->rice->tau,
            Station::Water => $this->potted->rice instanceof BoilPlan
                ? $this->potted->rice->liftAt
                : $this->potted->rice->water,
            Station::Filling => $this->totals->filling(),
            Station::Layers => $this->totals->free(),
            Station::Lid => $this->totals->steam(),
            Station::Heat => $this->totals->sealed(),
            Station::Serve => $this->totals->lidOff(),
        };
    }

    /** @return list<Clash> */
    public function clashesAt(Station $station): array
    {
        return array_values(
            array_filter($this->clashes, static fn (Clash $clash): bool => $clash->station === $station),
        );
    }
}
