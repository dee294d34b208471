<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
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

    private const FAT_KG_PER_L = 0.92;

    private function __construct(
        public Dish $dish,
        public Mass $raw,
        public Pot $pot,
        public HeatLine $heat,
        public ?BoilPlan $boil,
        public ?MeasuredPlan $measured,
        public Section $section,
        public ?SecondPot $second,
    ) {
    }

    /** @throws OutOfRange when the dish names a pot, ring or bag that the kitchen does not have */
    public static function of(Dish $dish, Kitchen $kitchen, Knowledge $knowledge): self
    {
        $pot = $kitchen->pot($dish->lid->pot, 'lid/pot');
        if ($pot->cookerW !== null) {
            throw OutOfRange::because('lid/pot', "\"{$pot->name}\" stands on no ring;", 'name a pot that does');
        }
        $burner = $kitchen->burner($dish->lid->burner, 'lid/burner');
        $raw = $dish->table->rawRice();
        $belief = $knowledge->lot($dish->rice->lot);
        $heat = $dish->lid->heat === [] ? HeatLine::ofSchool($dish->school, $pot, $burner) : HeatLine::fromFields($dish->lid->heat);
        $boil = $dish->school->isMeasured() ? null : BoilPlan::of($dish, $kitchen, $belief, $raw, WorkOrder::waitMin($dish));
        $measured = $dish->school->isMeasured() ? MeasuredPlan::of($dish, $kitchen, $belief, $raw, $heat) : null;
        $second = self::second($dish, $kitchen, $pot, $raw, $boil, $measured);

        return new self($dish, $raw, $pot, $heat, $boil, $measured, self::section($dish, $pot, $raw, $boil, $measured, 1 - ($second->share ?? 0.0)), $second);
    }

    /** @return non-empty-list<Section> one a pot */
    public function sections(): array
    {
        return [$this->section, ...($this->second === null ? [] : [$this->second->section])];
    }

    /** The pot in which food stands into the free height, if one is. */
    public function tooFull(): ?Section
    {
        foreach ($this->sections() as $section) {
            if ($section->isTooFull()) {
                return $section;
            }
        }

        return null;
    }

    /** The first pot as its lid is closed on it; null where the food would not go in. */
    public function sealed(Kitchen $kitchen, Knowledge $knowledge): ?SealedPot
    {
        return Sealing::of($this->dish, $kitchen, $knowledge, $this->pot, $this->dish->lid->burner, $this->raw, $this->boil, $this->measured, 1 - ($this->second->share ?? 0.0));
    }

    /** @param  float  $part of the dish that lies in this pot */
    private static function section(Dish $dish, Pot $pot, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured, float $part): Section
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

    /** The second pot, with its share by what each holds under the free height. */
    private static function second(Dish $dish, Kitchen $kitchen, Pot $pot, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured): ?SecondPot
    {
        if ($dish->lid->secondPot === null || $dish->lid->secondBurner === null) {
            return null;
        }
        $other = $kitchen->pot($dish->lid->secondPot, 'lid/second/pot');
        $ring = $kitchen->burner($dish->lid->secondBurner, 'lid/second/burner');
        if ($other->id === $pot->id || $other->cookerW !== null) {
            throw OutOfRange::because('lid/second/pot', "\"{$other->name}\" cannot be the second pot;", 'name another that stands on a ring');
        }
        $share = $other->usableLitres() / ($pot->usableLitres() + $other->usableLitres());

        return new SecondPot(self::section($dish, $other, $raw, $boil, $measured, $share), HeatLine::ofSchool($dish->school, $other, $ring), $ring->id, $share);
    }
}
