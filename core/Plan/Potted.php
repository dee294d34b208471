<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Heat\Stove;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Burner;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Pot\Standing;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;

/** A dish in its pots, whether it fits or not: its boil or measured water, its heat, its section, a second pot. */
final readonly class Potted
{
    /** Steamed rice, kg per litre (docs/model.md, section E). */
    private const STEAMED_KG_PER_L = 0.63;

    private const DRAINED_KG_PER_L = 0.72;

    /** Weight over raw weight of rice that is tender. */
    private const STEAMED_UPTAKE = 2.4;

    /** A crust is pressed by what lies on it. */
    private const CRUST_KG_PER_L = 0.80;

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
        $rice = $dish->cooking->isMeasured()
            ? MeasuredPlan::of($dish, $kitchen, $knowledge->lot($dish->rice->lot), $raw)
            : BoilPlan::of($dish, $kitchen, $knowledge->lot($dish->rice->lot), $raw, $waits->riceMin);
        $gains = self::gains($dish, $kitchen, $rice);

        return new self($dish, $raw, $rice, array_map(
            static fn (PotOnRing $place): PotLoad => self::load($dish, $kitchen, $place, $raw, $gains),
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
            foreach ($heated->line() as $block) {
                $taken[] = $block->flame->plate->id ?? '';
            }
        }

        return new self($this->dish, $this->raw, $potted->rice, $loads, $this->kitchen, $this->knowledge);
    }

    /** @param  list<string>  $taken ids of plates and rings that something else needs */
    private function heatOf(
        PotLoad $load, RicePlan $rice, Waits $waits, bool $isFirst, array $taken, ?FoundLines $before,
    ): PotLoad {
        $own = $isFirst && $this->dish->lid->heat !== []
            ? HeatLine::fromFields($this->dish->lid->heat, $load->place->ring->id, $this->kitchen->plates) : null;
        $stove = $this->stove($load, $isFirst, $taken);
        $rings = $stove->rings();
        foreach ($own ?? [] as $block) {
            $rings[] = $block->flame->ring === '' ? $load->place->ring : $this->kitchen->burner(
                $block->flame->ring, 'lid/heat',
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
        $needed = [$load->place->ring->id, $this->dish->lid->secondBurner];
        foreach (
            [...$this->dish->sides, ...$this->dish->extras, ...$this->dish->fillings->beside()->steps()] as $thing
        ) {
            $needed[] = $thing->burner;
        }
        $netW = $load->place->ring->netW();
        $smaller = array_filter(
            $this->kitchen->burners,
            static fn (Burner $ring): bool => $ring->netW() < $netW
                && ! in_array($ring->id, [...$needed, ...$taken], true),
        );

        $pot = $load->place->pot;
        $plates = array_values(array_filter(
            $this->kitchen->plates, static fn (Plate $plate): bool => ! in_array($plate->id, $taken, true),
        ));

        return new Stove(
            $load->place->ring,
            array_values(array_filter(
                $isFirst ? $smaller : [],
                static fn (Burner $ring): bool => Standing::wantsPlate($pot, $ring)
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
        $measured = $dish->cooking->isMeasured()
            ? MeasuredPlan::of($dish, $kitchen, $knowledge->lot($dish->rice->lot), $raw) : null;
        $gains = self::gains($dish, $kitchen, $measured);
        foreach (self::places($dish, $kitchen) as $place) {
            if (self::section($dish, $place->pot, $raw, $gains, $place->share)->isTooFull()) {
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

    /** @param  callable(Stage): float  $gains */
    private static function load(Dish $dish, Kitchen $kitchen, PotOnRing $place, Mass $raw, callable $gains): PotLoad
    {
        return new PotLoad(
            $place, self::section($dish, $place->pot, $raw, $gains, $place->share),
            match (true) {
                $place->pot->cooker !== null => HeatLine::keptWarm($place->ring),
                $dish->lid->ovenC !== null => HeatLine::inOven($dish->lid->ovenC),
                default => HeatLine::ofStock(
                    $dish->school->heats, $place->pot, $place->ring, array_values($kitchen->plates)[0] ?? null,
                ),
            },
        );
    }

    /**
     * The rice's weight over its raw weight at a stage, with the water that clings to it, as it is layered.
     *
     * @return callable(Stage): float
     */
    private static function gains(Dish $dish, Kitchen $kitchen, ?RicePlan $rice): callable
    {
        if ($rice instanceof MeasuredPlan) {
            return static fn (Stage $stage): float => $rice->uptake;
        }
        $uptake = Uptake::of($kitchen->lot($dish->rice->lot, 'rice/lot')->kind, $dish->rice->soak);

        return static fn (Stage $stage): float => $uptake->at($stage->doneness()) + Uptake::SURFACE;
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
     * @param  callable(Stage): float  $gains weight over raw weight of the rice as it is layered
     * @param  float  $part of the dish that lies in this pot
     */
    private static function section(Dish $dish, Pot $pot, Mass $raw, callable $gains, float $part): Section
    {
        $whole = $raw;
        $raw = $raw->times($part);
        // What was boiled with the rice lies in it wherever it lies.
        $rice = static fn (Stage $stage, float $share): Mass => $raw->times($share * $gains($stage))
            ->plus($dish->boiledMass($raw)->times($share));
        $kgPerL = static fn (float $plain, Stage $stage): float => $dish->boiled === [] ? $plain
            : ($raw->kg * $gains($stage) + $dish->boiledMass($raw)->kg)
                / ($raw->kg * $gains($stage) / $plain + $dish->boiledLitres($raw));
        // Rice swells by what it still takes up, till it is tender.
        $swells = static function (Stage $stage) use ($dish, $raw, $gains): float {
            $riceKg = $raw->kg * $gains($stage);
            $with = $dish->boiledMass($raw)->kg;

            return ($riceKg * max(1.0, self::STEAMED_UPTAKE / $gains($stage)) + $with) / ($riceKg + $with);
        };
        $fat = Mass::kilograms($dish->base->fatMlPerCm2 * $pot->baseCm2() / 1000 * Fat::KG_PER_L);

        $layers = [];
        if ($dish->base->kind->isLaid) {
            $base = $dish->base->kind->takesRice
                ? $rice($dish->water->stage, $dish->base->riceShare)
                : Mass::grams($dish->base->kind->gramsPerCm2 * $pot->baseCm2());
            $layers[] = new Layer(
                Matter::Crust, Note::name($dish->base->kind->name), $base->plus($fat), self::CRUST_KG_PER_L,
                $dish->base->kind->takesRice ? $dish->water->stage->doneness() : null,
            );
        }
        if ($dish->folded) {
            $inPot = $dish->fillings->inPot();
            $filling = $inPot->layeredMass($whole)->times($part);
            $grains = $rice($dish->water->stage, 1 - $dish->base->riceShare);
            $layers[] = new Layer(
                Matter::Mixed, Note::of('potted.folded', filling: $inPot->name()), $filling->plus($grains),
                ($filling->kg + $grains->kg) / (
                    $inPot->litres($whole) * $part + $grains->kg / self::STEAMED_KG_PER_L
                ),
                $dish->water->stage->doneness(),
            );

            return Section::of($pot, $layers, $dish->mound);
        }
        foreach ($dish->layers as $layer) {
            $stage = $layer->stage ?? $dish->water->stage;
            $label = Note::of('potted.rice', saffron: $layer->saffron, stage: $stage, plain: $layer->stage === null);
            $layers[] = $layer->matter === Matter::Rice
                ? new Layer(
                    Matter::Rice, $label, $rice($stage, $layer->share), $kgPerL(self::STEAMED_KG_PER_L, $stage),
                    $stage->doneness(), $layer->saffron, $swells($stage), $kgPerL(self::DRAINED_KG_PER_L, $stage),
                )
                : new Layer(
                    Matter::Filling, Note::name($dish->fillings->get($layer->of)->name),
                    $dish->fillings->get($layer->of)->layeredMass($whole)->times($part * $layer->share),
                    $dish->fillings->get($layer->of)->kgPerLitre(),
                );
        }

        return Section::of($pot, $layers, $dish->mound);
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
            return $dish->cooking === Cooking::InCooker
                ? [new PotOnRing($pot, Burner::ofCooker($pot->name, $pot->cooker->watts), 1.0)]
                : throw Refused::because('lid/pot', 'refused.stands-on-no-ring-name-a', pot: $pot->name);
        }
        $ring = $kitchen->burner($dish->lid->burner, 'lid/burner');
        if ($dish->lid->secondPot === null || $dish->lid->secondBurner === null) {
            return [new PotOnRing($pot, $ring, 1.0)];
        }
        $other = $kitchen->pot($dish->lid->secondPot, 'lid/second/pot');
        $otherRing = $kitchen->burner($dish->lid->secondBurner, 'lid/second/burner');
        if ($other->id === $pot->id || $other->cooker !== null) {
            throw Refused::because('lid/second/pot', 'refused.cannot-be-the-second-pot-name', other: $other->name);
        }
        $share = $other->usableLitres() / ($pot->usableLitres() + $other->usableLitres());

        return [new PotOnRing($pot, $ring, 1 - $share), new PotOnRing($other, $otherRing, $share)];
    }
}
