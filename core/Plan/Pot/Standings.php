<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Pot\Standing;

/**
 * How the pots of a dish stand on their rings, hang their cloths and come off them: what will not do,
 * with its mends.
 */
final readonly class Standings
{
    /** Food that one person does not turn out by one handle, g. */
    private const ONE_HANDLE_G = 3000.0;

    private Dish $dish;

    public function __construct(private Potted $potted, private Kitchen $kitchen, private Knowledge $knowledge)
    {
        $this->dish = $potted->dish;
    }

    /** @return list<Clash> */
    public function clashes(): array
    {
        return [...$this->sealed(), ...$this->boiling(), ...$this->cloth(), ...$this->turnedOut()];
    }

    /** @return list<Clash> of the pot that is sealed; what a plate mends is mended where there is one */
    private function sealed(): array
    {
        $isInCooker = $this->dish->grain->cooking === Cooking::InCooker;
        if ($isInCooker || HeatLine::usesOven($this->potted->first()->schoolLine)) {
            return [];
        }
        $place = $this->potted->first()->place;
        $hasPlate = $this->kitchen->equipment->plates !== [];
        $wrong = array_filter(
            Standing::of($place->pot, $place->ring),
            static fn (Standing $one): bool => ! $hasPlate || $one === Standing::WastesHeat,
        );

        return array_values(array_map(fn (Standing $one): Clash => new Clash(
            Station::Heat, self::says($one, $place->pot, $place->ring), $this->otherwise('lid/burner', 'lid/pot'),
        ), $wrong));
    }

    /** @return list<Clash> of the pot that the water boils in */
    private function boiling(): array
    {
        if ($this->dish->grain->cooking->takesCooker()) {
            return [];
        }
        $pot = $this->kitchen->pot($this->dish->grain->water->pot, 'water/pot');
        $ring = $this->kitchen->ring($this->dish->grain->water->ring, 'water/burner');
        if ($this->kitchen->equipment->plates !== [] || $pot->cooker !== null || ! Standing::wantsPlate($pot, $ring)) {
            return [];
        }

        return [new Clash(
            Station::Water, self::says(Standing::of($pot, $ring)[0], $pot, $ring),
            $this->otherwise('water/burner', 'water/pot'),
        )];
    }

    /** @return list<Clash> */
    private function cloth(): array
    {
        $place = $this->potted->first()->place;
        if (
            ! $this->dish->lid->seal->hasCloth || HeatLine::usesOven($this->potted->first()->schoolLine)
            || ! Standing::flameReachesCloth($place->pot, $place->ring)
        ) {
            return [];
        }

        return [new Clash(
            Station::Lid, Note::of('standing.cloth-in-reach', pot: $place->pot->name, ring: $place->ring->name),
            [
                new Mend(Note::of('standing.seal-with-foil'), 'lid/seal', Seal::FOIL),
                ...$this->otherwise('lid/burner', 'lid/pot', static fn (
                    Pot $pot, Ring $ring,
                ): bool => ! Standing::flameReachesCloth($pot, $ring)),
            ],
        )];
    }

    /** @return list<Clash> */
    private function turnedOut(): array
    {
        $load = $this->potted->first();
        $grams =
            array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $load->section->layers));
        if (
            $this->dish->table->serving !== Serving::Whole || $load->place->pot->handles > 1
            || $grams < self::ONE_HANDLE_G || $this->kitchen->equipment->hands > 1
        ) {
            return [];
        }

        return [new Clash(
            Station::Serve, Note::of('standing.one-handle', pot: $load->place->pot->name, kg: $grams / 1000),
            [
                new Mend(Note::of('standing.lift-it-off'), 'serve', Serving::Lifted->value),
                ...$this->pots('lid/pot', static fn (Pot $pot): bool => $pot->handles > 1),
            ],
        )];
    }

    private static function says(Standing $one, Pot $pot, Ring $ring): Note
    {
        return match ($one) {
            Standing::CracksWithoutPlate => Note::of(
                'standing.cracks-without-plate', pot: $pot->name, ring: $ring->name,
            ),
            Standing::NotFound => Note::of('standing.not-found', pot: $pot->name, ring: $ring->name),
            Standing::HeatsItsMiddle => Note::of('standing.heats-its-middle', pot: $pot->name, ring: $ring->name),
            Standing::WastesHeat => Note::of('standing.wastes-heat', pot: $pot->name, ring: $ring->name),
        };
    }

    /**
     * Another ring for the pot, another pot for the ring, on which all is well.
     *
     * @param  (callable(Pot, Ring): bool)|null  $isWell
     * @return list<Mend>
     */
    private function otherwise(string $ringPath, string $potPath, ?callable $isWell = null): array
    {
        $isWell ??= static fn (Pot $pot, Ring $ring): bool => Standing::of($pot, $ring) === [];
        $isSealed = $potPath === 'lid/pot';
        $pot = $this->kitchen->pot($isSealed ? $this->dish->lid->pot : $this->dish->grain->water->pot, $potPath);
        $ring = $this->kitchen->ring(
            $isSealed ? $this->dish->lid->ring : $this->dish->grain->water->ring, $ringPath,
        );
        $mends = [];
        foreach ($this->kitchen->equipment->rings as $other) {
            if ($isWell($pot, $other)) {
                $mends[] = new Mend(Note::of('standing.on', ring: $other->name), $ringPath, $other->id);
                break;
            }
        }

        return [...$mends, ...$this->pots($potPath, static fn (Pot $other): bool => $isWell($other, $ring))];
    }

    /**
     * The smallest other pot that would do and takes it all.
     *
     * @param  callable(Pot): bool  $does
     * @return list<Mend>
     */
    private function pots(string $path, callable $does): array
    {
        $pots = array_values($this->kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        foreach ($pots as $pot) {
            if ($does($pot) && Potted::fits($this->dish->changed($path, $pot->id), $this->kitchen, $this->knowledge)) {
                return [new Mend(Note::of('clashes.use-another-pot', pot: $pot->name), $path, $pot->id)];
            }
        }

        return [];
    }
}
