<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use BackedEnum;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Poured;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Heat\Fault;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Pot\PotFault;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;

/**
 * What would make a plan right that is not: changes of one word, each of them planned anew and offered
 * only where it helps. What makes all right comes before what makes less go wrong.
 */
final readonly class Mending
{
    /** Rice that would end dry is brought to so much of its raw weight by water poured over it, ml a kg. */
    private const WANTED_UPTAKE = 2.30;

    private const LEAST_POURED = 40.0;

    private const MOST_POURED = 300.0;

    private const HOT_WATER = 'hot water';

    /** Rice that may end dry is given more, ml a kg. */
    private const POURED_FOR_SURE = [120.0, 200.0];

    /** Right in so many of HowSure::KITCHENS is sure enough; a change is worth its trouble where it wins so many. */
    public const SURE = 21;

    private const WINS = 3;

    /** More than these are no help to choose. */
    private const MOST = 3;

    /** So many changes are tried. */
    private const TRIED = 24;

    private function __construct(private Plan $plan, private Planner $planner)
    {
    }

    /** @return list<Mend> none where all is right, or nothing helps */
    public static function of(Plan $plan, Planner $planner): array
    {
        return $plan->isRight() ? [] : (new self($plan, $planner))->find();
    }

    /**
     * What would make come right more often what is right as thought and often is not on another stove: each planned
     * anew and steered in the same kitchens, which takes longer than a page may.
     *
     * @return list<Mend> what wins most first, each with what it comes to; none where it is sure enough or nothing wins
     */
    public static function surer(Plan $plan, Planner $planner): array
    {
        return $plan->isRight() && $plan->clashes === [] ? (new self($plan, $planner))->findSurer() : [];
    }

    /** @return list<Mend> */
    private function findSurer(): array
    {
        $now = self::rightWithALook($this->plan);
        $all = [];
        foreach ($now >= self::SURE ? [] : $this->surerCandidates() as $mend) {
            try {
                $mended = $this->planner->plan($this->plan->dish->changed($mend->path, $mend->value));
            } catch (Refused) {
                continue;
            }
            $right = $mended->isRight() && $mended->clashes === [] ? self::rightWithALook($mended) : 0;
            if ($right >= $now + self::WINS) {
                $all[] = [$right, new Mend(Note::of(
                    'mending.surer', mend: $mend->label, right: $right, now: $now, of: HowSure::KITCHENS,
                ), $mend->path, $mend->value)];
            }
        }
        usort($all, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(array_slice($all, 0, self::MOST), 1);
    }

    /** In how many kitchens it comes right for one who looks; as planned where there is nothing to steer. */
    private static function rightWithALook(Plan $plan): int
    {
        $known = $plan->steered();

        return $known === [] ? $plan->howSure()->right ?? 0 : KitchenEnd::right(end($known));
    }

    /** @return list<Mend> */
    private function surerCandidates(): array
    {
        $dish = $this->plan->dish;
        $tighter = array_filter(
            $dish->craft->seals->all,
            static fn (Seal $seal): bool => $seal->isOffered && $seal->leakShare < $dish->lid->seal->leakShare,
        );
        usort($tighter, static fn (Seal $a, Seal $b): int => $b->leakShare <=> $a->leakShare);
        $lighter = array_filter($this->crusts($dish), static fn (Mend $one): bool => $one->value
            === self::beside(CrustColour::cases(), $dish->build->base->crust)[0]->value);

        return [
            ...array_map(fn (float $perKg): Mend => $this->pouring($dish, $perKg), self::POURED_FOR_SURE),
            ...array_map(self::sealedWith(...), array_slice($tighter, 0, 1)), ...array_values($lighter),
        ];
    }

    /** @return list<Mend> */
    private function find(): array
    {
        $rights = $helps = [];
        $miss = $this->miss($this->plan);
        foreach (array_slice($this->candidates(), 0, self::TRIED) as $mend) {
            try {
                $mended = $this->planner->plan($this->plan->dish->changed($mend->path, $mend->value));
            } catch (Refused) {
                continue;
            }
            if ($mended->isRight()) {
                $rights[] = $mend;
            } elseif ($mended->potted->tooFull() === null && $this->isLess($this->miss($mended), $miss)) {
                $helps[] = new Mend(Note::of('mending.less-goes-wrong', mend: $mend->label), $mend->path, $mend->value);
            }
            if (count($rights) === self::MOST) {
                break;
            }
        }

        return array_slice([...$rights, ...$helps], 0, self::MOST);
    }

    /** @return array{int, int} how many grave faults, how many in all */
    private function miss(Plan $plan): array
    {
        $faults = $plan->faults();
        $grave = array_filter($faults, static fn (PotFault $one): bool => $one->foretold->fault->isGrave());

        return [count($grave), count($faults)];
    }

    /**
     * @param  array{int, int}  $one
     * @param  array{int, int}  $other
     */
    private function isLess(array $one, array $other): bool
    {
        return $one[0] <= $other[0] && $one[1] < $other[1];
    }

    /** @return list<Mend> the likeliest first */
    private function candidates(): array
    {
        $dish = $this->plan->dish;
        $own = $dish->lid->heat === [] ? [] : [new Mend(Note::of('mending.the-heat-found'), 'lid/heat', null)];
        $faults = array_map(static fn (PotFault $one): Fault => $one->foretold->fault, $this->plan->faults());
        $isWater = array_intersect(
            array_column($faults, 'value'), [Fault::DryRice->value, Fault::WetRice->value],
        ) !== [];
        [$water, $things] = [
            $this->water($dish), [...$this->pots($dish), ...$this->rings($dish), ...$this->seals($dish)],
        ];

        if (in_array(Fault::DryRice, $faults, true)) {
            $water = [...$this->poured($dish), ...$water];
        }

        return [...$own, ...($isWater ? [...$water, ...$things] : [...$things, ...$this->crusts($dish), ...$water])];
    }

    /** @return list<Mend> so much hot water over the rice as the lid is put on */
    private function poured(Dish $dish): array
    {
        $driest = min([self::WANTED_UPTAKE, ...array_map(
            static fn (LayerState $rice): float => $rice->uptake, $this->plan->course()?->riceLayers() ?? [],
        )]);

        return [$this->pouring($dish, 10 * ceil(max(
            self::LEAST_POURED, min(self::MOST_POURED, 1000 * (self::WANTED_UPTAKE - $driest)),
        ) / 10))];
    }

    /** So much hot water over the rice, or so much more where some is poured already. */
    private function pouring(Dish $dish, float $perKg): Mend
    {
        $there = $dish->toArray()['poured'] ?? [];
        $others = array_values(array_filter(
            is_array($there) ? $there : [], static fn (mixed $one): bool => is_array($one)
                && (($one['name'] ?? '') !== self::HOT_WATER || ($one['after'] ?? false) === true),
        ));
        $poured = array_sum(array_map(
            static fn (Poured $one): float => $one->name === self::HOT_WATER && ! $one->isAfter ? $one->mlPerKg : 0.0,
            $dish->build->poured,
        ));

        return new Mend(
            Note::of(
                'mending.water-over', millilitres: (int) round(($poured + $perKg) * $this->plan->potted->raw->kg),
            ), 'poured', [...$others, ['name' => self::HOT_WATER, 'ml_per_kg' => $poured + $perKg]],
        );
    }

    /** @return list<Mend> nearest in width first */
    private function pots(Dish $dish): array
    {
        $now = $this->plan->pot();
        $others = array_filter($this->plan->kitchen->stovePots(), static fn (Pot $pot): bool => $pot->id !== $now->id
            && ! in_array($pot->id, [$dish->lid->secondPot, $dish->grain->water->pot], true));
        usort(
            $others,
            static fn (Pot $a, Pot $b): int => abs(
                $a->diameterCm - $now->diameterCm,
            ) <=> abs($b->diameterCm - $now->diameterCm),
        );

        return array_map(
            static fn (Pot $pot): Mend => new Mend(
                Note::of('mending.in-the-pot', pot: $pot->name), 'lid/pot', $pot->id,
            ),
            $others,
        );
    }

    /** @return list<Mend> */
    private function rings(Dish $dish): array
    {
        $others = array_filter(
            $this->plan->kitchen->equipment->rings,
            static fn (Ring $ring): bool => ! in_array(
                $ring->id, [$dish->lid->ring, $dish->lid->secondRing], true,
            ),
        );

        return array_values(array_map(
            static fn (Ring $ring): Mend => new Mend(
                Note::of('mending.on-the-ring', ring: $ring->name), 'lid/burner', $ring->id,
            ), $others,
        ));
    }

    /** @return list<Mend> tighter ones where rice is dry, and ones that take water where it is wet */
    private function seals(Dish $dish): array
    {
        $now = $dish->lid->seal->leakShare;
        $others = array_filter(
            $dish->craft->seals->all,
            static fn (Seal $seal): bool => $seal->isOffered && $seal->id !== $dish->lid->seal->id,
        );
        usort(
            $others, static fn (Seal $a, Seal $b): int => abs($a->leakShare - $now) <=> abs($b->leakShare - $now),
        );

        return array_map(self::sealedWith(...), $others);
    }

    private static function sealedWith(Seal $seal): Mend
    {
        return new Mend(Note::of('mending.sealed-with', seal: $seal->name), 'lid/seal', $seal->id);
    }

    /** @return list<Mend> a lighter and a darker crust */
    private function crusts(Dish $dish): array
    {
        if (! $dish->build->base->kind->isLaid) {
            return [];
        }

        return array_map(
            static fn (CrustColour $colour): Mend => new Mend(
                Note::of('mending.a-crust', colour: $colour), 'base/crust', $colour->value,
            ),
            self::beside([CrustColour::Straw, CrustColour::Golden, CrustColour::Amber], $dish->build->base->crust),
        );
    }

    /** @return list<Mend> what changes how wet it is in the pot */
    private function water(Dish $dish): array
    {
        $place = $dish->fillings->inPot()->mainPlace();
        $mends = $place === null ? [] : array_map(
            static fn (Wetness $wetness): Mend => new Mend(
                Note::of('mending.filling', wetness: $wetness), "fillings/{$place}/wetness", $wetness->value,
            ),
            self::beside(Wetness::cases(), $dish->fillings->get($place)->wetness),
        );
        if (! $this->plan->potted->rice instanceof BoilPlan) {
            return $mends;
        }
        foreach (self::beside(Stage::cases(), $dish->grain->water->stage) as $stage) {
            $mends[] = new Mend(
                Note::of('mending.lifted', stage: Note::label($stage, 'words')), 'water/stage', $stage->value,
            );
        }
        foreach (array_filter(
            [Draining::Tray, Draining::Rinse, Draining::Heap],
            static fn (Draining $one): bool => $one !== $dish->grain->water->draining,
        ) as $draining) {
            $mends[] = new Mend(Note::of('mending.drained', draining: $draining), 'water/drain', $draining->value);
        }

        return $mends;
    }

    /**
     * The one before and the one after.
     *
     * @template T of BackedEnum
     *
     * @param  list<T>  $scale
     * @param  T  $now
     * @return list<T>
     */
    private static function beside(array $scale, BackedEnum $now): array
    {
        $at = array_search($now, $scale, true);

        return $at === false ? $scale : array_values(array_filter([$scale[$at - 1] ?? null, $scale[$at + 1] ?? null]));
    }
}
