<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\School;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Words;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Rice\Draining;

/** What will not work as planned, each with the changes that would mend it. */
final readonly class Clashes
{
    private const MOST_HEAT_UP_MIN = 60;

    private Dish $dish;

    public function __construct(private Potted $potted, private Kitchen $kitchen, private Knowledge $knowledge)
    {
        $this->dish = $potted->dish;
    }

    /** @return list<Clash> of rice, water, filling, pots and heat */
    public function ofThings(): array
    {
        return [
            ...($this->potted->boil === null ? [] : $this->boil($this->potted->boil)), ...($this->potted->measured === null ? [] : $this->measured($this->potted->measured)),
            ...$this->rice(), ...$this->filling(), ...$this->pots(), ...$this->heat(),
        ];
    }

    /** @return list<Clash> */
    public function ofTime(DateTimeImmutable $tableAt, Schedule $schedule, DateTimeImmutable $now): array
    {
        $startsAt = $tableAt->modify($schedule->firstStart().' minutes');
        if ($startsAt >= $now) {
            return [];
        }

        $earliest = self::roundUp($now->modify(-$schedule->firstStart().' minutes')->setTimezone($tableAt->getTimezone()));
        $sameDay = $earliest->format('Y-m-d') === $tableAt->format('Y-m-d');
        $mends = [new Mend('Serve at '.$earliest->format($sameDay ? 'H:i' : 'H:i \o\n l j F'), 'table/serve_at', $earliest->format('Y-m-d\TH:i'))];
        if ($tableAt <= $now) {
            $tomorrow = $now->setTimezone($tableAt->getTimezone())->modify('+1 day')->setTime((int) $tableAt->format('G'), (int) $tableAt->format('i'));
            if ($tomorrow > $earliest) {
                $mends[] = new Mend('Serve tomorrow at '.$tomorrow->format('H:i'), 'table/serve_at', $tomorrow->format('Y-m-d\TH:i'));
            }

            return [new Clash(Station::Table, sprintf('%s has passed.', $tableAt->format('H:i \o\n l j F')), $mends)];
        }

        return [new Clash(Station::Table, sprintf('Too little time: the work takes %s, and the table is in %s.', Words::minutes(-$schedule->firstStart()), Words::minutes(($tableAt->getTimestamp() - $now->getTimestamp()) / 60)), $mends)];
    }

    private static function roundUp(DateTimeImmutable $time): DateTimeImmutable
    {
        $fiveMinutes = 300;

        return $time->setTimestamp((int) ceil($time->getTimestamp() / $fiveMinutes) * $fiveMinutes);
    }

    /** Another dish of this kitchen in its pots. */
    private function potted(Dish $dish): Potted
    {
        return Potted::of($dish, $this->kitchen, $this->knowledge);
    }

    /** @return list<Clash> */
    private function boil(BoilPlan $boil): array
    {
        $clashes = [];
        $strongest = $this->kitchen->strongestBurner();
        $mends = $boil->burner->id === $strongest->id ? [] : [new Mend("Boil on {$strongest->name}", 'water/burner', $strongest->id)];
        if ($boil->isHopeless()) {
            $fits = $this->mostEaters(fn (Dish $fewer): bool => ($this->potted($fewer)->boil->batches ?? 0) <= 2);
            $clashes[] = new Clash(Station::Water, sprintf('%s on %s would take %d batches.', ucfirst($boil->pot->name), $boil->burner->name, $boil->batches), [
                ...$mends,
                ...$this->otherPots('water/pot', fn (Dish $other): bool => ! ($this->potted($other)->boil?->isHopeless() ?? false)),
                ...($fits === null ? [] : [new Mend("Cook for {$fits}", 'table/eaters', $fits)]),
            ]);
        } elseif ($boil->heatUpMin > self::MOST_HEAT_UP_MIN) {
            $clashes[] = new Clash(Station::Water, sprintf('%s needs %s to bring %s to the boil.', $boil->burner->name, Words::minutes($boil->heatUpMin), $boil->water->text()), $mends);
        } elseif ($boil->batches > 1) {
            $clashes[] = new Clash(Station::Water, sprintf('Too much for one boil: %d batches, so that each boils back within %s and a quarter of the pot stays free.', $boil->batches, Figure::clock(BoilPlan::MOST_BACK_S)), [
                ...$mends,
                ...$this->otherPots('water/pot', fn (Dish $other): bool => ($this->potted($other)->boil->batches ?? 0) === 1),
            ]);
        }
        foreach ($boil->lifts as $lift) {
            if ($lift->at->amount <= 0) {
                $clashes[] = new Clash(Station::Water, sprintf('Rice that %s would be past it before a hand could lift it.', $lift->stage->words()), $this->dish->water->draining === Draining::Rinse ? [] : [new Mend('Rinse it cold after draining', 'water/drain', 'rinse')]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function rice(): array
    {
        $clashes = [];
        $lot = $this->kitchen->lot($this->dish->rice->lot, 'rice/lot');
        $left = $lot->leftG($this->knowledge);
        $wanted = $this->dish->table->rawRice()->inGrams();
        if ($left !== null && $left < $wanted - 0.5) {
            $mends = [];
            foreach ($this->kitchen->lots as $other) {
                if ($other->id !== $lot->id && ($other->leftG($this->knowledge) ?? INF) >= $wanted) {
                    $mends[] = new Mend("Take the {$other->name}", 'rice/lot', $other->id);
                }
            }
            $fits = $this->mostEaters(static fn (Dish $fewer): bool => $fewer->table->rawRice()->inGrams() <= $left);
            $clashes[] = new Clash(Station::Rice, sprintf('%s has %s left; this takes %s.', ucfirst($lot->name), Figure::of($left, 'g', 0, '-')->text(), Figure::of($wanted, 'g', 0, '-')->text()),
                $fits === null ? $mends : [...$mends, new Mend("Cook for {$fits}", 'table/eaters', $fits)]);
        }
        if ($this->dish->rice->soak->belongsInTheFridge()) {
            $clashes[] = new Clash(Station::Rice, sprintf('%s at %s °C is too long out of the fridge.', Words::minutes($this->dish->rice->soak->minutes), round($this->dish->rice->soak->celsius, 1)), [
                new Mend('Soak in the fridge, 4 °C', 'rice/soak/celsius', 4), new Mend('Soak 2 h', 'rice/soak/minutes', 120),
            ]);
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function measured(MeasuredPlan $measured): array
    {
        $clashes = [];
        if ($measured->absorption->isTooWet) {
            $clashes[] = new Clash(Station::Water, 'The filling alone brings more water than the rice can take.', [new Mend('Layer the filling '.Wetness::Dry->label(), 'filling/wetness', Wetness::Dry->value)]);
        }
        if ($measured->broth !== null && $measured->broth->amount < $this->dish->water->brothPerRice * $this->dish->table->rawRice()->inGrams() - 1) {
            $clashes[] = new Clash(Station::Water, sprintf('More broth than the rice takes: %s is all.', $measured->water->text()), [new Mend('Use no more broth than that', 'water/broth_per_rice', floor(100 * $measured->water->amount / $this->dish->table->rawRice()->inGrams()) / 100)]);
        }
        $fullL = $measured->water->amount / 1000 + $this->dish->table->rawRice()->kg / 1.45;
        if ($this->dish->school === School::Cooker && $fullL > $measured->pot->litres) {
            $fits = $this->mostEaters(fn (Dish $fewer): bool => $fewer->table->rawRice()->kg * $fullL / $this->dish->table->rawRice()->kg <= $measured->pot->litres);
            $clashes[] = new Clash(Station::Water, sprintf('%s holds %.1f L; rice and water make %.1f L.', ucfirst($measured->pot->name), $measured->pot->litres, $fullL), $fits === null ? [] : [new Mend("Cook for {$fits}", 'table/eaters', $fits)]);
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function filling(): array
    {
        $clashes = [];
        $marinade = $this->dish->filling->marinade;
        if ($marinade !== null) {
            $times = $marinade->times($this->dish->filling->strictest() ?? $this->dish->filling->toughest());
            if ($marinade->minutes < $times['least'] || $marinade->minutes > $times['most']) {
                $clashes[] = new Clash(Station::Filling, sprintf('%s in this marinade is too %s: %s at least, %s at most, since %s.', ucfirst(Words::minutes($marinade->minutes)), $marinade->minutes < $times['least'] ? 'short' : 'long', Words::minutes($times['least']), Words::minutes($times['most']), $times['why']),
                    [new Mend('Marinate '.Words::minutes($times['good']), 'filling/marinade/minutes', $times['good'])]);
            }
        }
        foreach ($this->dish->extras as $index => $extra) {
            if ($extra->kind === ExtraKind::Essence && $extra->perKgRice > ExtraKind::MOST_DROPS_PER_KG) {
                $clashes[] = new Clash(Station::Layers, sprintf('%s: %d drops a kg of rice drown everything else; the label gives its own limit.', $extra->name, (int) round($extra->perKgRice)), [new Mend(sprintf('Take %d drops a kg', (int) ExtraKind::MOST_DROPS_PER_KG), "extras/{$index}/drops_per_kg_rice", ExtraKind::MOST_DROPS_PER_KG)]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function heat(): array
    {
        $heat = $this->potted->heat;
        $short = $heat->short();
        $strongest = $this->kitchen->strongestBurner();
        $tooWeak = $short === null ? [] : [new Clash(Station::Heat, sprintf('%s is too weak for %s: it gives %d %% of the heat this step asks for.', $this->kitchen->burner($this->dish->lid->burner, 'lid/burner')->name, $this->potted->pot->name, (int) round(100 / $short->wanted)),
            $this->dish->lid->burner === $strongest->id ? [] : [new Mend('Steam on '.$strongest->name, 'lid/burner', $strongest->id)])];
        if (! $heat->usesOven()) {
            return $tooWeak;
        }
        if ($this->kitchen->oven === null) {
            return [new Clash(Station::Heat, 'This kitchen has no oven.', [])];
        }
        $hottest = max(array_map(static fn (HeatBlock $block): float => $block->ovenC ?? 0.0, $heat->blocks));

        return $hottest > $this->kitchen->oven->mostC ? [new Clash(Station::Heat, sprintf('%s gives %d °C at most.', ucfirst($this->kitchen->oven->name), (int) round($this->kitchen->oven->mostC)), [])] : [];
    }

    /** @return list<Clash> */
    private function pots(): array
    {
        $section = $this->potted->tooFull();
        if ($section === null) {
            return [];
        }
        $fits = fn (Dish $other): bool => $this->potted($other)->tooFull() === null;
        $eaters = $this->mostEaters($fits);
        $free = $section->freeCm();

        return [new Clash(
            Station::Layers,
            sprintf('%s is too small: %s; steam needs %d cm under the lid.', ucfirst($section->pot->name),
                $free < 0 ? sprintf('the food would stand %.1f cm over the rim', -$free) : sprintf('%.1f cm would stay free', $free), (int) Section::FREE_CM),
            [...$this->otherPots('lid/pot', $fits), ...$this->twoPots(), ...($eaters === null ? [] : [new Mend("Cook for {$eaters}", 'table/eaters', $eaters)])],
        )];
    }

    /**
     * Two pots that together would do, where one does not.
     *
     * @return list<Mend>
     */
    private function twoPots(): array
    {
        if ($this->dish->lid->secondPot !== null || $this->dish->school === School::Cooker) {
            return [];
        }
        $rings = array_keys($this->kitchen->burners);
        foreach ($this->kitchen->stovePots() as $other) {
            foreach ($rings as $ring) {
                if ($other->id === $this->dish->lid->pot || ($ring === $this->dish->lid->burner && count($rings) > 1)) {
                    continue;
                }
                if ($this->potted($this->dish->changed('lid/second', ['pot' => $other->id, 'burner' => $ring]))->tooFull() === null) {
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
    private function otherPots(string $path, callable $fits): array
    {
        $pots = array_values($this->kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        foreach ($pots as $pot) {
            if ($fits($this->dish->changed($path, $pot->id))) {
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
    private function mostEaters(callable $fits): ?int
    {
        for ($eaters = $this->dish->table->eaters - 1; $eaters >= max(1, $this->dish->table->children); $eaters--) {
            if ($fits($this->dish->changed('table/eaters', $eaters))) {
                return $eaters;
            }
        }

        return null;
    }
}
