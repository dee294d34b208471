<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Pot\Standings;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\Lift;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;

/** What will not work as planned, each with the changes that would mend it. */
final readonly class Clashes
{
    /** Doneness in the pot that leaves nothing to a steam longer than that, and uptake that does to any. */
    private const NOTHING_LEFT = 0.97;

    private const LONG_STEAM_MIN = 15.0;

    private const FULL_UPTAKE = 2.55;

    private const MOST_HEAT_UP_MIN = 60;

    /** Water over raw rice by weight: so much more at a time is offered, up to what a pot of it can be. */
    private const MORE_WATER = 2.0;

    private const MOST_WATER = 10.0;

    /** Fat that keeps rice or a dry filling off bare metal, and a wet one, ml/cm² (our own). */
    private const HOLDS_OFF_DRY = 0.05;

    private const HOLDS_OFF_WET = 0.02;

    private Dish $dish;

    public function __construct(private Potted $potted, private Kitchen $kitchen, private Knowledge $knowledge)
    {
        $this->dish = $potted->dish;
    }

    /** @return list<Clash> of rice, water, filling, pots and heat */
    public function ofThings(): array
    {
        return [
            ...match (true) {
                $this->potted->rice instanceof BoilPlan => $this->boil($this->potted->rice),
                $this->potted->rice instanceof MeasuredPlan => $this->measured($this->potted->rice),
                default => [],
            },
            ...$this->rice(), ...$this->filling(), ...$this->uncooked(), ...$this->sticks(), ...$this->pots(),
            ...$this->heat(),
            ...(new Standings($this->potted, $this->kitchen, $this->knowledge))->clashes(),
        ];
    }

    /**
     * What is reckoned as cooked when it is layered, or is served beside, and nothing here cooks.
     *
     * @return list<Clash>
     */
    private function uncooked(): array
    {
        $clashes = [];
        foreach ($this->dish->fillings->all as $place => $filling) {
            $raw = array_filter(
                $filling->parts, static fn (FillingPart $part): bool => $part->kind->wantsCooking(),
            );
            if ($raw !== [] && $filling->steps === [] && ($filling->isBeside || $filling->ready >= Filling::RAW)) {
                $clashes[] = new Clash(
                    Station::Filling, Note::of('clashes.nothing-cooks-it', filling: $filling->name),
                    [new Mend(Note::of('clashes.cook-it-first'), "fillings:readied:{$place}", null)],
                );
            }
        }

        return $clashes;
    }

    /**
     * A clean base on which the lowest layer will stick: rice, or a dry filling, over thin fat.
     *
     * @return list<Clash>
     */
    private function sticks(): array
    {
        $base = $this->dish->build->base;
        $lowest = $this->dish->build->layers[0] ?? null;
        if ($base->kind->isLaid || $lowest === null || $this->dish->lid->ovenC !== null) {
            return [];
        }
        $isDry = $lowest->matter === Matter::Rice
            || $this->dish->fillings->get($lowest->of)->wetness === Wetness::Dry;
        $wants = $isDry ? self::HOLDS_OFF_DRY : self::HOLDS_OFF_WET;

        return $base->fatMlPerCm2 >= $wants ? [] : [new Clash(
            Station::Layers, Note::of('clashes.base-will-stick', layer: $this->dish->layerName($lowest)),
            [new Mend(Note::of('clashes.more-fat'), 'base/fat_ml_per_cm2', $wants)],
        )];
    }

    /** Batches that another dish's boil would take in this kitchen. */
    private function batches(Dish $dish): int
    {
        return BoilPlan::batchesOf($dish, $this->kitchen, $dish->table->rawRice());
    }

    /** @return list<Clash> */
    private function boil(BoilPlan $boil): array
    {
        $strongest = $this->kitchen->strongestRing();
        $stronger = $boil->ring->id === $strongest->id
            ? []
            : [new Mend(Note::of('clashes.boil-on', strongest: $strongest->name), 'water/burner', $strongest->id)];
        $held = $boil->holdsTheBoil() || $boil->isHopeless() ? [] : [new Clash(
            Station::Water,
            Note::of('clashes.cannot-hold-the-boil-open', ring: $boil->ring->name, pot: $boil->pot->name),
            $stronger,
        )];

        return [
            ...$this->comesBackTooLate($boil, $stronger), ...$held, ...$this->liftedBeforeItBoils($boil, $stronger),
            ...$this->pastBeforeTheLid($boil),
            ...$this->tooFarForSteam($boil),
        ];
    }

    /**
     * Too much rice for the ring, or water that takes long to boil.
     *
     * @param  list<Mend>  $stronger the strongest ring, where it is another
     * @return list<Clash>
     */
    private function comesBackTooLate(BoilPlan $boil, array $stronger): array
    {
        if ($boil->isHopeless()) {
            $fits = $this->mostEaters(fn (Dish $fewer): bool => $this->batches($fewer) <= 2);

            return [new Clash(
                Station::Water,
                Note::of(
                    'clashes.ring-takes-batches', pot: $boil->pot->name, ring: $boil->ring->name,
                    batches: $boil->batches,
                ),
                [
                    ...$stronger,
                    ...$this->otherPots(
                        'water/pot', fn (Dish $other): bool => $this->batches($other) <= BoilPlan::MOST_BATCHES,
                    ),
                    ...self::cookFor($fits),
                ],
            )];
        }
        if ($boil->heatUpMin > self::MOST_HEAT_UP_MIN) {
            return [new Clash(Station::Water, Note::of(
                'clashes.slow-to-the-boil', ring: $boil->ring->name,
                heatUpMin: Quantity::minutes($boil->heatUpMin), water: $boil->water,
            ), $stronger)];
        }

        return $boil->batches <= 1 ? [] : [new Clash(
            Station::Water,
            Note::of(
                'clashes.takes-batches', batches: $boil->batches,
                mostBackS: Quantity::seconds(BoilPlan::MOST_BACK_S),
            ),
            [...$stronger, ...$this->otherPots('water/pot', fn (Dish $other): bool => $this->batches($other) === 1)],
        )];
    }

    /**
     * @param  list<Mend>  $stronger
     * @return list<Clash> rice that is as far as wanted while the water still comes back: how far hangs on the ring
     */
    private function liftedBeforeItBoils(BoilPlan $boil, array $stronger): array
    {
        if (! $boil->isLiftedBeforeItBoils() || $boil->isHopeless() || $boil->lifts[0]->at->amount <= 0) {
            return [];
        }
        $more = $this->dish->grain->water->perRice + self::MORE_WATER;
        $mends = $more > self::MOST_WATER ? [] : [
            new Mend(Note::of('clashes.water-times-the-rice', times: round($more, 1)), 'water/per_rice', $more),
        ];

        return [new Clash(Station::Water, Note::of(
            'clashes.is-lifted-before-it-boils', lift: $boil->lifts[0]->at, back: $boil->backAtBoil,
        ), [...$stronger, ...$mends])];
    }

    /** @return list<Clash> rice that goes past its stage while it drains */
    private function pastBeforeTheLid(BoilPlan $boil): array
    {
        $rinse = $this->dish->grain->water->draining === Draining::Rinse
            ? []
            : [new Mend(Note::of('clashes.rinse-it-cold-after-draining'), 'water/drain', 'rinse')];
        $clashes = [];
        foreach ($boil->lifts as $lift) {
            if ($lift->at->amount <= 0) {
                $past = Note::of('clashes.too-far-on-draining', stage: Note::label($lift->stage, 'words'));
                $clashes[] = new Clash(Station::Water, $past, $rinse);
            }
        }

        return $clashes;
    }

    /** @return list<Mend> to cook for fewer, where some number fits */
    private static function cookFor(?int $fits): array
    {
        return $fits === null ? [] : [
            new Mend(Note::of('clashes.cook-for-what-fits', fits: $fits), 'usual/eaters', $fits),
        ];
    }

    /**
     * @return list<Clash> where rice comes so far in the boil that it leaves nothing to the sealed stage
     *     (section A)
     */
    private function tooFarForSteam(BoilPlan $boil): array
    {
        $steamMin = array_sum(array_map(
            static fn (Stretch $stretch): float => $stretch->isRest() ? 0.0 : $stretch->length(),
            $this->potted->first()->heat(),
        ));
        $uptake = Uptake::of($boil->kind, $this->dish->grain->rice->soak);
        $isTooFar =
            static fn (Lift $lift): bool => ($lift->inPot >= self::NOTHING_LEFT && $steamMin > self::LONG_STEAM_MIN)
            || $uptake->carriedOn($lift->outOfWater, $lift->inPot) > self::FULL_UPTAKE;
        // Over a moist filling rice is lifted late on purpose: where it ends as it should, nothing is wrong.
        $heating = $this->potted->first()->heating;
        $isOnPurpose = $heating !== null && $heating->foretold() === [] && array_filter(
            $this->dish->fillings->all,
            static fn (Filling $filling): bool => ! $filling->isBeside && $filling->wetness !== Wetness::Dry,
        ) !== [];
        foreach ($isOnPurpose ? [] : $boil->lifts as $lift) {
            if ($isTooFar($lift)) {
                return [new Clash(
                    Station::Water,
                    Note::of(
                        'clashes.nothing-left-for-the-steam', done: (int) round(100 * $lift->inPot),
                        steamMin: (int) round($steamMin),
                    ),
                    array_values(array_filter($this->earlier($lift), fn (Mend $mend): bool => array_filter(
                        $this->liftsOf($this->dish->changed($mend->path, $mend->value)), $isTooFar,
                    ) === [])),
                )];
            }
        }

        return [];
    }

    /** @return list<Mend> what leaves more to the steam */
    private function earlier(Lift $lift): array
    {
        $stages = Stage::cases();
        $at = array_search($lift->stage, $stages, true);
        $earlier = $at !== false && $at > 0 ? $stages[$at - 1] : null;
        $own = array_keys(array_filter(
            $this->dish->build->layers, static fn (LayerChoice $layer): bool => $layer->stage === $lift->stage,
        ));
        $path = match (true) {
            $lift->stage === $this->dish->grain->water->stage => 'water/stage',
            count($own) === 1 => "layers/{$own[0]}/stage",
            default => null,
        };

        return [
            ...($earlier === null || $path === null ? [] : [
                new Mend(Note::of('mending.lifted', stage: Note::label($earlier, 'words')), $path, $earlier->value),
            ]),
            new Mend(Note::of('mending.drained', draining: Draining::Tray), 'water/drain', Draining::Tray->value),
            new Mend(Note::of('mending.drained', draining: Draining::Rinse), 'water/drain', Draining::Rinse->value),
        ];
    }

    /** @return list<Lift> */
    private function liftsOf(Dish $other): array
    {
        $rice = Potted::of($other, $this->kitchen, $this->knowledge)->rice;

        return $rice instanceof BoilPlan ? $rice->lifts : [];
    }

    /** @return list<Clash> */
    private function rice(): array
    {
        $soak = $this->dish->grain->rice->soak;
        if (! $soak->belongsInTheFridge()) {
            return $this->bag();
        }

        return [...$this->bag(), new Clash(
            Station::Rice,
            Note::of(
                'clashes.soak-too-warm',
                minutes: Quantity::minutes($soak->minutes), celsius: round($soak->celsius, 1),
            ),
            [
                new Mend(Note::of('clashes.soak-in-the-fridge'), 'rice/soak/celsius', 4),
                new Mend(Note::of('clashes.soak-shorter'), 'rice/soak/minutes', 120),
            ],
        )];
    }

    /** @return list<Clash> a bag that holds less than the dish takes */
    private function bag(): array
    {
        $bag = $this->kitchen->bag($this->dish->grain->rice->bag, 'rice/lot');
        $left = $bag->leftG($this->knowledge);
        $wanted = $this->dish->table->rawRice()->inGrams();
        if ($left === null || $left >= $wanted - 0.5) {
            return [];
        }
        $mends = [];
        foreach ($this->kitchen->pantry->bags as $other) {
            if ($other->id !== $bag->id && ($other->leftG($this->knowledge) ?? INF) >= $wanted) {
                $mends[] = new Mend(Note::of('clashes.use-another-bag', other: $other->name), 'rice/lot', $other->id);
            }
        }
        $fits = $this->mostEaters(static fn (Dish $fewer): bool => $fewer->table->rawRice()->inGrams() <= $left);

        return [new Clash(
            Station::Rice,
            Note::of(
                'clashes.bag-runs-out', bag: $bag->name, left: Quantity::of($left, 'g', 0),
                wanted: Quantity::of($wanted, 'g', 0),
            ),
            [...$mends, ...self::cookFor($fits)],
        )];
    }

    /** @return list<Clash> */
    private function measured(MeasuredPlan $measured): array
    {
        $clashes = $measured->absorption->isTooWet ? [new Clash(
            Station::Water,
            Note::of('clashes.filling-too-wet'),
            [new Mend(
                Note::of('clashes.layer-the-filling', dry: Wetness::Dry),
                'fillings/'.$this->dish->fillings->inPot()->mainPlace().'/wetness',
                Wetness::Dry->value,
            )],
        )] : [];
        $raw = $this->dish->table->rawRice();
        $brothG = $this->dish->grain->water->brothPerRice * $raw->inGrams();
        if ($measured->broth !== null && $measured->broth->amount < $brothG - 1) {
            $clashes[] = new Clash(
                Station::Water,
                Note::of('clashes.too-much-broth', water: $measured->water),
                [new Mend(
                    Note::of('clashes.less-broth'), 'water/broth_per_rice',
                    floor(100 * $measured->water->amount / $raw->inGrams()) / 100,
                )],
            );
        }
        $litres = $measured->pot->litres;
        $fullL = $measured->water->amount / 1000 + $raw->kg / RiceKind::RAW_KG_PER_L;
        if ($this->dish->grain->cooking->takesCooker() && $fullL > $litres) {
            $fits = $this->mostEaters(
                static fn (Dish $fewer): bool => $fewer->table->rawRice()->kg * $fullL / $raw->kg <= $litres,
            );
            $clashes[] = new Clash(Station::Water, Note::of(
                'clashes.pot-overflows', pot: $measured->pot->name, litres: $litres, fullL: $fullL,
            ), self::cookFor($fits));
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function filling(): array
    {
        $clashes = [];
        foreach ($this->dish->fillings->all as $place => $filling) {
            $marinade = $filling->marinade;
            $times = $filling->marinadeTimes();
            if (
                $marinade !== null && $times !== null
                    && ($marinade->minutes < $times['least'] || $marinade->minutes > $times['most'])
            ) {
                $good = Note::of('clashes.marinate-so-long', good: Quantity::minutes($times['good']));
                $clashes[] = new Clash(
                    Station::Filling,
                    Note::of(
                        'clashes.marinade-time', minutes: Quantity::minutes($marinade->minutes),
                        isShort: $marinade->minutes < $times['least'], least: Quantity::minutes($times['least']),
                        most: Quantity::minutes($times['most']), why: $times['why'],
                    ),
                    [new Mend($good, "fillings/{$place}/marinade/minutes", $times['good'])],
                );
            }
        }

        return [...$clashes, ...$this->essences()];
    }

    /** @return list<Clash> essences that drown what is under them */
    private function essences(): array
    {
        $clashes = [];
        $most = ExtraKind::MOST_DROPS_PER_KG;
        foreach ($this->dish->build->extras as $index => $extra) {
            // A flower water is no essence: it is weak, and goes by the spoon.
            $isWater = $this->dish->craft->foods->named($extra->name)?->role === RecipeLine::NOWHERE;
            if ($extra->kind === ExtraKind::Essence && $extra->perKgRice > $most && ! $isWater) {
                $less = Note::of('clashes.less-essence', mostDropsPerKg: (int) $most);
                $clashes[] = new Clash(
                    Station::Layers,
                    Note::of(
                        'clashes.too-much-essence',
                        extra: $extra->name, perKgRice: (int) round($extra->perKgRice),
                    ),
                    [new Mend($less, "extras/{$index}/drops_per_kg_rice", $most)],
                );
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function heat(): array
    {
        $ovens = array_filter(array_map(
            static fn (Stretch $stretch): ?float => $stretch->flame->ovenC, $this->potted->first()->line(),
        ), static fn (?float $celsius): bool => $celsius !== null);
        if ($ovens === []) {
            return [];
        }
        $oven = $this->kitchen->equipment->oven;
        if ($oven === null) {
            return [new Clash(Station::Heat, Note::of('clashes.no-oven'), [])];
        }

        return max($ovens) <= $oven->mostC ? [] : [new Clash(
            Station::Heat,
            Note::of('clashes.oven-not-hot-enough', oven: $oven->name, mostC: (int) round($oven->mostC)), [],
        )];
    }

    /** @return list<Clash> */
    private function pots(): array
    {
        $section = $this->potted->tooFull();
        if ($section === null) {
            return [];
        }
        $fits = fn (Dish $other): bool => Potted::fits($other, $this->kitchen, $this->knowledge);
        $eaters = $this->mostEaters($fits);
        $free = $section->freeCm();

        return [new Clash(
            Station::Layers,
            Note::of(
                'clashes.pot-too-small', pot: $section->pot->name, over: -$free, free: $free,
                isOver: $free < 0, freeCm: (int) Section::FREE_CM,
            ),
            [
                ...$this->otherPots('lid/pot', $fits), ...$this->twoPots(),
                ...($eaters === null
                    ? []
                    : [new Mend(Note::of('clashes.cook-for-so-many', eaters: $eaters), 'usual/eaters', $eaters)]),
            ],
        )];
    }

    /**
     * Two pots that together would do, where one does not.
     *
     * @return list<Mend>
     */
    private function twoPots(): array
    {
        if ($this->dish->lid->secondPot !== null || $this->dish->grain->cooking->takesCooker()) {
            return [];
        }
        $rings = array_keys($this->kitchen->equipment->rings);
        foreach ($this->kitchen->stovePots() as $other) {
            foreach ($rings as $ring) {
                if ($other->id === $this->dish->lid->pot || ($ring === $this->dish->lid->ring && count($rings) > 1)) {
                    continue;
                }
                if (
                    Potted::fits(
                        $this->dish->changed('lid/second', ['pot' => $other->id, 'burner' => $ring]),
                        $this->kitchen,
                        $this->knowledge,
                    )
                ) {
                    return [
                        new Mend(
                            Note::of('clashes.share-with-a-second-pot', other: $other->name),
                            'lid/second',
                            ['pot' => $other->id, 'burner' => $ring],
                        ),
                    ];
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
        // The pot that the rest is steamed in is not free for the first.
        $taken = $path === 'lid/pot' ? $this->dish->lid->secondPot : null;
        $pots = array_filter($this->kitchen->stovePots(), static fn (Pot $pot): bool => $pot->id !== $taken);
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        foreach ($pots as $pot) {
            if ($fits($this->dish->changed($path, $pot->id))) {
                return [new Mend(Note::of('clashes.use-another-pot', pot: $pot->name), $path, $pot->id)];
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
        // What is too much for some is too much for more: halving finds it in six looks at most.
        $fit = max(1, $this->dish->table->children) - 1;
        $tooMany = $this->dish->table->eaters;
        while ($tooMany - $fit > 1) {
            $eaters = intdiv($fit + $tooMany, 2);
            if ($fits($this->dish->changed('usual/eaters', $eaters))) {
                $fit = $eaters;
            } else {
                $tooMany = $eaters;
            }
        }

        return $fit >= max(1, $this->dish->table->children) ? $fit : null;
    }
}
