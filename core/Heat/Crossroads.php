<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\Steaming;

/**
 * Where all pots that were turned alike so far stand before something is decided: what is best from there, and when a
 * look tells. Made once for all kitchens that come the same way.
 */
final class Crossroads
{
    private const STEP_S = 10.0;

    private readonly Followed $followed;

    private readonly int $place;

    /** @var array<string, self> by what was done from here */
    private array $ways = [];

    /** @var array<string, array{float, OverPots, self}|null> by heat */
    private array $looks = [];

    /**
     * @param  Flame|null  $on what is on, and is planned to stay on for so long
     * @param  float  $spentMin of low heat so far
     * @param  Turn  $planned what is done unless something better is
     */
    public function __construct(
        private readonly Steerable $what, private readonly MaybePots $pots, private readonly ?Flame $on,
        private readonly float $spentMin, private readonly Turn $planned, private readonly float $restMin,
        private readonly bool $isOpen = false, private readonly bool $isSprinkled = false,
        private readonly RecentSteerings $steerings = new RecentSteerings,
    ) {
        $this->followed = new Followed;
        $this->place = $steerings->place();
    }

    /** @return list<float|null> as of MaybePots */
    public function steamMin(): array
    {
        return $this->pots->steamMin();
    }

    /** @param  Odds|null  $before what was believed before the last thing was seen, of all that may be seen the same */
    public function best(Odds $odds, ?Odds $before = null): Turn
    {
        return $this->steering($before ?? $odds)->best($odds);
    }

    /** All pots turned, so far on, with their lids on: as planned there till its minutes are up. */
    public function after(Turn $turn, float $minutes): self
    {
        // Not its shares: these are each cook's own.
        return $this->ways[serialize([$turn->stayMin, $turn->flame, $turn->minutes, $minutes])] ??= $this->then(
            $this->pots->after(fn (Steaming $pot) => $this->goOn($pot, $turn, $minutes)), $turn, $minutes,
        );
    }

    /** One pot the same. */
    public function goOn(Steaming $pot, Turn $turn, float $minutes): void
    {
        Lifted::sprinkle($pot, $turn->sprinkledKg);
        if ($this->on !== null) {
            $pot->advance($this->on, 60 * $turn->stayMin, self::STEP_S);
        }
        $pot->advance($turn->flame, 60 * $minutes, self::STEP_S);
    }

    /**
     * A look at the crust, where that tells something.
     *
     * @param  int|null  $alike of what is turned so, what is thought alike has one minute for its look; null for all
     * @return array{float, OverPots, self}|null minutes of the low heat till then, ln browning then, and where all
     *     stand with the lid lifted
     */
    public function look(Odds $odds, Turn $turn, ?int $alike = null): ?array
    {
        if ($this->isOpen) {
            // Hardly two kitchens come the same way to a second look: nothing is kept, only what may be followed.
            return $this->lookAt($this->pots->within($odds->rangeOfRings()), $odds, $turn, SteeredKitchens::AGAIN_WINS);
        }
        $key = serialize([$turn->stayMin, $turn->flame, $alike]);
        if (! array_key_exists($key, $this->looks)) {
            $this->looks[$key] = $this->lookAt($this->pots, $odds, $turn, SteeredKitchens::LOOK_WINS);
        }

        return $this->looks[$key];
    }

    /** @return array{float, OverPots, self}|null as of look() */
    private function lookAt(MaybePots $pots, Odds $odds, Turn $turn, float $wanted): ?array
    {
        [$at, $wins] = $this->steering($odds)->look($odds, $turn);
        if ($wins < $wanted) {
            return null;
        }
        $there = $pots->after(function (Steaming $pot) use ($turn, $at): void {
            $this->goOn($pot, $turn, $at);
            $pot->open();
        });

        return [$at, $there->lnBrowning(), $this->then($there, $turn, $at, isOpen: true)];
    }

    private function then(MaybePots $pots, Turn $turn, float $minutes, bool $isOpen = false): self
    {
        return new self(
            what: $this->what, pots: $pots, on: null, spentMin: $this->spentMin + $minutes,
            planned: new Turn(0.0, $turn->flame, max(0.0, $turn->minutes - $minutes), 0.0, 0.0),
            restMin: $this->restMin, isOpen: $isOpen,
            isSprinkled: $this->isSprinkled || $turn->sprinkledKg > 0, steerings: $this->steerings,
        );
    }

    private function steering(Odds $odds): Steering
    {
        $rings = $odds->rangeOfRings();

        return $this->steerings->at(serialize([$this->place, $rings]), fn (): Steering => Steering::from(
            pots: $this->pots->within($rings), on: $this->on, stayMin: $this->planned->stayMin,
            flames: Steering::flames($this->planned->flame, $this->what->stove), bounds: $this->what->bounds,
            spentMin: $this->spentMin, plannedMin: $this->planned->minutes, restMin: $this->restMin,
            aim: $this->what->aim, followed: $this->followed, isOpen: $this->isOpen,
            isSprinkled: $this->isSprinkled,
        ));
    }
}
