<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Heat\Stove;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Rice\RicePlan;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Section;
use Orbek\Core\Pot\Standing;

/** A dish in its pots, whether it fits or not: its boil or measured water, its heat, its section, a second pot. */
final readonly class Potted
{
    /** @param  non-empty-list<PotLoad>  $loads one a pot */
    private function __construct(
        public Dish $dish,
        public Mass $raw,
        public RicePlan $rice,
        public array $loads,
        private Kitchen $kitchen,
        private Knowledge $knowledge,
    ) {
    }

    /**
     * The dish in its pots, with the school's own heats under them.
     *
     * @throws Refused when the dish names a pot, ring or bag that the kitchen does not have
     */
    public static function of(Dish $dish, Kitchen $kitchen, Knowledge $knowledge): self
    {
        return self::waiting($dish, $kitchen, $knowledge, Waits::usual($dish));
    }

    private static function waiting(Dish $dish, Kitchen $kitchen, Knowledge $knowledge, Waits $waits): self
    {
        $raw = $dish->table->rawRice();
        $rice = $dish->grain->cooking->isMeasured()
            ? MeasuredPlan::of($dish, $kitchen, $knowledge->bag($dish->grain->rice->bag), $raw)
            : BoilPlan::of($dish, $kitchen, $knowledge->bag($dish->grain->rice->bag), $raw, $waits->riceMin);

        return new self($dish, $raw, $rice, array_map(
            static fn (PotOnRing $place): PotLoad => self::load($dish, $kitchen, $place, $rice),
            self::places($dish, $kitchen),
        ), $kitchen, $knowledge);
    }

    /**
     * The same with a heat for each pot: the cook's own, or one found for it (now, or before).
     *
     * @param  list<string>  $reserved ids of rings and plates that it may not use
     */
    public function heated(Waits $waits, ?FoundLines $before = null, array $reserved = []): self
    {
        $potted = self::waiting($this->dish, $this->kitchen, $this->knowledge, $waits);
        $loads = [];
        $taken = $reserved;
        foreach ($potted->loads as $index => $load) {
            $loads[] = $heated = $this->heatOf($load, $potted->rice, $waits, $index === 0, $taken, $before);
            foreach ($heated->line() as $stretch) {
                $taken[] = $stretch->flame->plate->id ?? '';
            }
        }

        return new self($this->dish, $this->raw, $potted->rice, $loads, $this->kitchen, $this->knowledge);
    }

    /** @param  list<string>  $taken ids of plates and rings that something else needs */
    private function heatOf(
        PotLoad $load, RicePlan $rice, Waits $waits, bool $isFirst, array $taken, ?FoundLines $before,
    ): PotLoad {
        $own = $isFirst && $this->dish->lid->heat !== []
            ? HeatLine::fromFields(
                $this->dish->lid->heat, $this->dish->craft->cues, $load->place->ring->id,
                $this->kitchen->equipment->plates,
            ) : null;
        $stove = $this->stove($load, $isFirst, $taken);
        $rings = $stove->rings();
        foreach ($own ?? [] as $stretch) {
            $rings[] = $stretch->flame->ring === '' ? $load->place->ring : $this->kitchen->ring(
                $stretch->flame->ring, 'lid/heat',
            );
        }
        $sealed = (new Sealing($this->dish, $rice, $load->place, $waits, $this->kitchen, $this->knowledge))->on($rings);
        $ringSd = $this->knowledge->stove($load->place->pot->id, $load->place->ring)->today()->sd();
        $aim = $this->dish->aim();

        return new PotLoad($load->place, $load->section, $load->schoolLine, $sealed, match (true) {
            $sealed === null => null,
            $load->place->pot->cooker !== null => Heating::given(Origin::Found, $sealed, $aim, $load->schoolLine, 0.0),
            $own !== null => Heating::given(Origin::Own, $sealed, $aim, $own, $ringSd),
            HeatLine::usesOven($load->schoolLine) => Heating::inOven($sealed, $aim, $load->schoolLine),
            default => Heating::found($sealed, $aim, $stove, $this->dish->bounds(), $ringSd, $before),
        }, $stove);
    }

    /**
     * What a pot can stand on: its ring, smaller ones that nothing else of the dish needs then, the plates.
     *
     * @param  list<string>  $taken
     */
    private function stove(PotLoad $load, bool $isFirst, array $taken): Stove
    {
        $needed = [$load->place->ring->id, $this->dish->lid->secondRing];
        $dish = $this->dish;
        foreach ([...$dish->table->sides, ...$dish->build->extras, ...$dish->fillings->beside()->steps()] as $thing) {
            $needed[] = $thing->ring;
        }
        $netW = $load->place->ring->netW();
        $smaller = array_filter(
            $this->kitchen->equipment->rings,
            static fn (Ring $ring): bool => $ring->netW() < $netW
                && ! in_array($ring->id, [...$needed, ...$taken], true),
        );

        $pot = $load->place->pot;
        $plates = array_values(array_filter(
            $this->kitchen->equipment->plates, static fn (Plate $plate): bool => ! in_array($plate->id, $taken, true),
        ));

        return new Stove(
            $load->place->ring, $this->dish->craft->cues->get(Cue::STEAM, 'lid/heat'),
            array_values(array_filter(
                $isFirst ? $smaller : [],
                static fn (Ring $ring): bool => Standing::wantsPlate($pot, $ring)
                    === Standing::wantsPlate($pot, $load->place->ring),
            )),
            $plates, Standing::wantsPlate($pot, $load->place->ring) ? $plates[0] ?? null : null,
        );
    }

    /**
     * Whether a dish would go into its pots, without the boil and the clock of it.
     *
     * @throws Refused when the dish names what the kitchen does not have
     */
    public static function fits(Dish $dish, Kitchen $kitchen, Knowledge $knowledge): bool
    {
        $raw = $dish->table->rawRice();
        $measured = $dish->grain->cooking->isMeasured()
            ? MeasuredPlan::of($dish, $kitchen, $knowledge->bag($dish->grain->rice->bag), $raw) : null;
        foreach (self::places($dish, $kitchen) as $place) {
            if (LayersInPot::of($dish, $kitchen, $place, $measured)->isTooFull()) {
                return false;
            }
        }

        return true;
    }

    /** The first pot. */
    public function first(): PotLoad
    {
        return $this->loads[0];
    }

    /** The second pot, where one is not enough. */
    public function second(): ?PotLoad
    {
        return $this->loads[1] ?? null;
    }

    private static function load(Dish $dish, Kitchen $kitchen, PotOnRing $place, RicePlan $rice): PotLoad
    {
        return new PotLoad(
            $place, LayersInPot::of($dish, $kitchen, $place, $rice instanceof MeasuredPlan ? $rice : null),
            match (true) {
                $place->pot->cooker !== null => HeatLine::keptWarm($place->ring),
                $dish->lid->ovenC !== null => HeatLine::inOven($dish->lid->ovenC),
                default => HeatLine::ofStock(
                    $dish->school->heats, $place->pot, $place->ring,
                    array_values($kitchen->equipment->plates)[0] ?? null,
                ),
            },
        );
    }

    /** The pot in which food stands into the free height, if one is. */
    public function tooFull(): ?Section
    {
        foreach ($this->loads as $load) {
            if ($load->section->isTooFull()) {
                return $load->section;
            }
        }

        return null;
    }

    /**
     * Its pots on their rings, each with its share by what it holds under the free height.
     *
     * @return non-empty-list<PotOnRing>
     */
    private static function places(Dish $dish, Kitchen $kitchen): array
    {
        $pot = $kitchen->pot($dish->lid->pot, 'lid/pot');
        if ($pot->cooker !== null) {
            return $dish->grain->cooking === Cooking::InCooker
                ? [new PotOnRing($pot, Ring::ofCooker($pot->name, $pot->cooker->watts), 1.0)]
                : throw Refused::because('lid/pot', 'refused.pot-off-the-stove', pot: $pot->name);
        }
        $ring = $kitchen->ring($dish->lid->ring, 'lid/burner');
        if ($dish->lid->secondPot === null || $dish->lid->secondRing === null) {
            return [new PotOnRing($pot, $ring, 1.0)];
        }
        $other = $kitchen->pot($dish->lid->secondPot, 'lid/second/pot');
        $otherRing = $kitchen->ring($dish->lid->secondRing, 'lid/second/burner');
        if ($other->id === $pot->id || $other->cooker !== null) {
            throw Refused::because('lid/second/pot', 'refused.no-second-pot', other: $other->name);
        }
        $share = $other->usableLitres() / ($pot->usableLitres() + $other->usableLitres());

        return [new PotOnRing($pot, $ring, 1 - $share), new PotOnRing($other, $otherRing, $share)];
    }
}
