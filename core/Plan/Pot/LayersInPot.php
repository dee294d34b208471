<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;

/** How a dish, or its part, lies in a pot: weights and room of its layers (docs/model.md, section E). */
final readonly class LayersInPot
{
    /** Steamed rice, kg per litre. */
    private const STEAMED_KG_PER_L = 0.63;

    /** Weight over raw weight of rice that is tender. */
    private const STEAMED_UPTAKE = 2.4;

    /** A crust is pressed by what lies on it. */
    private const CRUST_KG_PER_L = 0.80;

    /**
     * @param  float  $part of the dish that lies in this pot
     * @param  Mass  $raw rice of that part
     * @param  Mass  $whole rice of the dish
     */
    private function __construct(
        private Dish $dish, private Pot $pot, private float $part, private Mass $raw, private Mass $whole,
        private ?MeasuredPlan $measured, private Uptake $uptake,
    ) {
    }

    /** @param  MeasuredPlan|null  $measured null of rice that is drained */
    public static function of(Dish $dish, Kitchen $kitchen, PotOnRing $place, ?MeasuredPlan $measured): Section
    {
        $whole = $dish->table->rawRice();
        $in = new self(
            dish: $dish,
            pot: $place->pot,
            part: $place->share,
            raw: $whole->times($place->share),
            whole: $whole,
            measured: $measured,
            uptake: Uptake::of($kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind, $dish->grain->rice->soak),
        );
        $layers = $dish->build->folded ? [$in->folded()] : array_map($in->layer(...), $dish->build->layers);

        return Section::of($place->pot, [...$in->base(), ...$layers], $dish->build->mound);
    }

    /** The rice's weight over its raw weight at a stage, with the water that clings to it, as it is layered. */
    private function gain(Stage $stage): float
    {
        return $this->measured->uptake ?? $this->uptake->at($stage->doneness()) + Uptake::SURFACE;
    }

    /** A share of the rice; what was boiled with it lies in it wherever it lies. */
    private function rice(Stage $stage, float $share): Mass
    {
        return $this->raw->times($share * $this->gain($stage))
            ->plus($this->dish->grain->boiledMass($this->raw)->times($share));
    }

    private function kgPerL(float $plain, Stage $stage): float
    {
        if ($this->dish->grain->boiled === []) {
            return $plain;
        }
        $riceKg = $this->raw->kg * $this->gain($stage);

        return ($riceKg + $this->dish->grain->boiledMass($this->raw)->kg)
            / ($riceKg / $plain + $this->dish->grain->boiledLitres($this->raw));
    }

    /** Rice swells by what it still takes up, till it is tender. */
    private function swells(Stage $stage): float
    {
        $gain = $this->gain($stage);
        $riceKg = $this->raw->kg * $gain;
        $withKg = $this->dish->grain->boiledMass($this->raw)->kg;

        return ($riceKg * max(1.0, self::STEAMED_UPTAKE / $gain) + $withKg) / ($riceKg + $withKg);
    }

    /** @return list<Layer> what is laid for a crust, with its fat */
    private function base(): array
    {
        $base = $this->dish->build->base;
        if (! $base->kind->isLaid) {
            return [];
        }
        $stage = $this->dish->grain->water->stage;
        $cm2 = $this->pot->baseCm2();
        $mass = $base->kind->takesRice
            ? $this->rice($stage, $base->riceShare)
            : Mass::grams($base->gramsPerCm2() * $cm2);
        $fat = Mass::kilograms($base->fatMlPerCm2 * $cm2 / 1000 * Fat::KG_PER_L);

        return [new Layer(
            Matter::Crust, Note::name($base->kind->name), $mass->plus($fat), self::CRUST_KG_PER_L,
            $base->kind->takesRice ? $stage->doneness() : null,
        )];
    }

    /** Rice and filling folded into one another. */
    private function folded(): Layer
    {
        $stage = $this->dish->grain->water->stage;
        $fillings = $this->dish->fillings->inPot();
        $filling = $fillings->layeredMass($this->whole)->times($this->part);
        $grains = $this->rice($stage, 1 - $this->dish->build->base->riceShare);
        $litres = $fillings->litres($this->whole) * $this->part + $grains->kg / self::STEAMED_KG_PER_L;

        return new Layer(
            Matter::Mixed, Note::of('potted.folded', filling: $fillings->name()), $filling->plus($grains),
            ($filling->kg + $grains->kg) / $litres, $stage->doneness(),
        );
    }

    private function layer(LayerChoice $layer): Layer
    {
        if ($layer->matter !== Matter::Rice) {
            $filling = $this->dish->fillings->get($layer->of);

            return new Layer(
                Matter::Filling, Note::name($filling->name),
                $filling->layeredMass($this->whole)->times($this->part * $layer->share), $filling->kgPerLitre(),
            );
        }
        $stage = $layer->stage ?? $this->dish->grain->water->stage;

        return new Layer(
            matter: Matter::Rice,
            label: Note::of('potted.rice', saffron: $layer->saffron, stage: $stage, plain: $layer->stage === null),
            mass: $this->rice($stage, $layer->share),
            kgPerLitre: $this->kgPerL(self::STEAMED_KG_PER_L, $stage),
            doneness: $stage->doneness(),
            saffron: $layer->saffron,
            swells: $this->swells($stage),
            layeredKgPerLitre: $this->kgPerL(RiceKind::DRAINED_KG_PER_L, $stage),
        );
    }
}
