<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use LogicException;
use Orbek\Core\Dish\Boiled;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Kitchen\Site;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Measure\Water;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Lifted;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use Orbek\Core\Water\SaltKept;

/** The boil: its water, its batches, and when to lift. */
final readonly class BoilPlan extends RicePlan
{
    /** The whole must boil back within this, or the batch is split. */
    public const MOST_BACK_S = 210.0;

    /** Share of the pot kept free for froth. */
    private const FREE = 0.25;

    /** Water for what is boiled with the rice, over its weight. */
    private const WATER_PER_BOILED = 3.0;

    /** What goes in so near to the rice cools the water with it, min. */
    private const WITH_IT_MIN = 1.0;

    /** Volume a raw grain displaces, L per kg. */
    private const DISPLACED_L_PER_KG = 1 / RiceKind::RAW_KG_PER_L;

    public const MOST_BATCHES = 4;

    /** What must be left over the open boil's own loss for it to be held. */
    private const HOLDS_W = 100.0;

    /** A ring that cannot hold the boil open is reckoned to bring so much; a clash says so. */
    private const LEAST_W = 60.0;

    /** The furthest of the lifts, which is made last. */
    public Lift $last;

    /** What is believed before the first grain is tested: of the rice that is lifted last. */
    public BoilForecast $forecast;

    /** When to lift it, seconds in the water. */
    public Figure $liftAt;

    /** @param  non-empty-list<Lift>  $lifts in the order in which they are lifted; the last is the furthest */
    private function __construct(
        RiceKind $kind, Pot $pot, Ring $ring, Figure $tau, Figure $water, Figure $salt, Figure $saltKept,
        float $keptPerGPerL,
        public array $lifts,
        public int $batches,
        public int $heatUpMin,
        public Figure $backAtBoil,
        /** What goes in between two batches; null where there is one. */
        public ?TopUp $topUp,
        private float $batchL,
        private Site $site,
        private float $boilC,
    ) {
        parent::__construct(
            kind: $kind,
            pot: $pot,
            ring: $ring,
            tau: $tau,
            water: $water,
            salt: $salt,
            saltKept: $saltKept,
            keptPerGPerL: $keptPerGPerL,
        );
        $this->last = $lifts[count($lifts) - 1];
        $this->forecast = $this->last->forecast;
        $this->liftAt = $this->last->at;
    }

    /**
     * @param  float  $waitMin minutes from the water to the pot
     *
     * @throws Refused when the dish names what the kitchen does not have
     */
    public static function of(Dish $dish, Kitchen $kitchen, FactorBelief $belief, Mass $raw, float $waitMin): self
    {
        $kind = $kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind;
        $pot = $kitchen->pot($dish->grain->water->pot, 'water/pot');
        if ($pot->cooker !== null) {
            throw Refused::because('water/pot', 'refused.pot-off-the-stove', pot: $pot->name);
        }
        $ring = $kitchen->ringUnder($pot, $dish->grain->water->ring, 'water/burner');
        $soak = $dish->grain->rice->soak;
        $front = CookingFront::of($kind, $soak);
        $batches = self::batchesOf($dish, $kitchen, $raw);
        $batchL = self::waterKg($dish, $raw) / $batches;
        $netW = self::liddedW($pot, $ring, $kitchen);
        $batch = $raw->times(1 / $batches);
        $cooled = static fn (Mass $with): Boil => Boil::of(
            $front, Boil::soaked($batch, $kind, $soak)->plus($with), Mass::kilograms($batchL), $netW, $kitchen->boilC(),
            self::riceC($dish, $kitchen),
        );
        $boil = $cooled(Mass::grams(0));
        $lifts = self::lifts($dish, $kitchen, $belief, $boil, $batch, $waitMin);
        $with = self::goingInWith($dish, $raw, $lifts[count($lifts) - 1]->at->amount / 60);
        if ($with->kg > 0) {
            // What goes in with the rice cools the water as well.
            $boil = $cooled($with->times(1 / $batches));
            $lifts = self::lifts($dish, $kitchen, $belief, $boil, $batch, $waitMin);
        }
        $kept = static fn (float $gPerL): SaltKept => self::kept($dish, $kind, $raw, $lifts, $gPerL);
        $keptHere = $kept($dish->grain->water->saltGPerL);
        $byC = $kitchen->boilC() - $kitchen->site->tapC;

        return new self(
            kind: $kind, pot: $pot, ring: $ring,
            tau: self::tau($kind, $soak, $front, $belief),
            water: self::water($dish, $raw, $pot, $batches, $batchL),
            salt: self::salt($dish, $kitchen, $batchL),
            saltKept: self::saltKept($keptHere),
            keptPerGPerL: $kept(1.0)->grams() - $kept(0.0)->grams(),
            lifts: $lifts,
            batches: $batches,
            heatUpMin: (int) ceil(self::heatUpMin(
                $pot, $ring->netW(), $kitchen->site, $kitchen->boilC(), $batchL,
            )),
            backAtBoil: self::back($boil, $ring, $netW),
            topUp: $batches === 1 ? null : TopUp::between($keptHere, $batches, $netW, $byC),
            batchL: $batchL,
            site: $kitchen->site,
            boilC: $kitchen->boilC(),
        );
    }

    private static function back(Boil $boil, Ring $ring, float $netW): Figure
    {
        return Figure::seconds($boil->backAtBoilS, Note::of(
            'boil-plan.back-at-the-boil', boilC: $boil->boilC, afterRiceC: $boil->afterRiceC, ring: $ring->name,
            netW: (int) round($netW),
        ));
    }

    /** Water for the rice and for what is boiled with it, kg. */
    private static function waterKg(Dish $dish, Mass $raw): float
    {
        return $raw->kg * $dish->grain->water->perRice + self::WATER_PER_BOILED * self::boiledKg($dish, $raw);
    }

    /** What is boiled with the rice, as it goes in, kg. */
    private static function boiledKg(Dish $dish, Mass $raw): float
    {
        return array_sum(array_map(static fn (Boiled $one): float => $one->raw($raw)->kg, $dish->grain->boiled));
    }

    /** What of it goes in with the rice, or so soon that the water has not come back. */
    private static function goingInWith(Dish $dish, Mass $raw, float $liftMin): Mass
    {
        $with = array_filter(
            $dish->grain->boiled, static fn (Boiled $one): bool => abs($one->inAtMin($liftMin)) <= self::WITH_IT_MIN,
        );

        return Mass::kilograms(array_sum(array_map(static fn (Boiled $one): float => $one->raw($raw)->kg, $with)));
    }

    /** The rice goes in at its soak's temperature, unsoaked at the room's. */
    private static function riceC(Dish $dish, Kitchen $kitchen): float
    {
        return $dish->grain->rice->soak->minutes > 0 ? $dish->grain->rice->soak->celsius : $kitchen->site->roomC;
    }

    /** What of a ring is left for the water near the boil, the lid on till it boils back, W. */
    private static function liddedW(Pot $pot, Ring $ring, Kitchen $kitchen): float
    {
        $overRoomC = $kitchen->boilC() - $kitchen->site->roomC;

        return max(self::LEAST_W, $ring->netW() - $pot->liddedLossWPerK() * $overRoomC);
    }

    /** Minutes from the tap to the boil, the lid on: power less what the pot loses on the way (section A). */
    private static function heatUpMin(Pot $pot, float $netW, Site $site, float $boilC, float $litres): float
    {
        $jPerK = Water::J_PER_KG_K * $litres + $pot->baseJPerK();
        $lossW = $pot->liddedLossWPerK();
        $first = max(self::LEAST_W + 1, $netW - $lossW * ($site->tapC - $site->roomC));
        $last = max(self::LEAST_W, $netW - $lossW * ($boilC - $site->roomC));

        return $jPerK / $lossW * log($first / $last) / 60;
    }

    /** Minutes from the tap to the boil on a ring that gives so many times as much. */
    public function boilsAfterMin(float $factor): float
    {
        return self::heatUpMin($this->pot, $factor * $this->ring->netW(), $this->site, $this->boilC, $this->batchL);
    }

    /** Minutes back to the boil after the rice, on such a ring. */
    public function boilsBackAfterMin(float $factor): float
    {
        $lossW = $this->pot->liddedLossWPerK() * ($this->boilC - $this->site->roomC);
        $netW = static fn (float $times): float => max(self::LEAST_W, $times - $lossW);

        return $this->forecast->boil->backAtBoilS / 60 * $netW($this->ring->netW())
            / $netW($factor * $this->ring->netW());
    }

    /** @return non-empty-list<Lift> */
    private static function lifts(
        Dish $dish, Kitchen $kitchen, FactorBelief $belief, Boil $boil, Mass $batch, float $waitMin,
    ): array {
        $kind = $kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind;
        $soak = $dish->grain->rice->soak;
        $lifted = Lifted::of(
            $kind, $soak, $belief->likely(), $dish->grain->water->draining, $boil->boilC, $kitchen->site->roomC,
        );
        $lifts = [];
        foreach (self::shares($dish) as $value => $share) {
            $stage = Stage::from($value);
            $carryOver = $lifted->carryOverS($stage->doneness(), $batch->times($share), 60 * $waitMin);
            $forecast = BoilForecast::of(
                $boil, Uptake::of($kind, $soak), $stage->doneness(), $carryOver, $belief->today(),
            );
            $lifts[] = new Lift(
                stage: $stage,
                share: $share,
                forecast: $forecast,
                at: self::liftFigure($dish, $kitchen, $belief, $forecast),
                outOfWater: $lifted->outOfWater($stage->doneness()),
                inPot: $lifted->inPot(
                    $stage->doneness(), $batch->times($share), 60 * $waitMin,
                ),
                celsius: $lifted->celsius($stage->doneness(), $batch->times($share), 60 * $waitMin),
            );
        }

        return $lifts;
    }

    /** @param  non-empty-list<Lift>  $lifts */
    private static function kept(Dish $dish, RiceKind $kind, Mass $raw, array $lifts, float $gPerL): SaltKept
    {
        $isRinsed = $dish->grain->water->draining === Draining::Rinse;
        $sum = null;
        foreach ($lifts as $lift) {
            $part = SaltKept::in(
                $raw->times($lift->share), $kind, $dish->grain->rice->soak, $lift->outOfWater, $gPerL, $isRinsed,
            );
            $sum = $sum === null ? $part : $sum->plus($part);
        }

        return $sum;
    }

    private static function tau(RiceKind $kind, Soak $soak, CookingFront $front, FactorBelief $belief): Figure
    {
        $full = $soak->saturation($kind);

        return Figure::of($front->tauS * $belief->likely() / 60, 'min', 1,
            Note::of(
                'boil-plan.tau', kind: $kind, unsoakedTauS: round(
                    $kind->unsoakedTauS() / 60,
                    1,
                ), soak: $soak->words(),
                saturation: (int) round(100 * $full), soakGain: (int) round(100 * $kind->soakGain() * $full),
            ),
            Note::of('boil-plan.belief', belief: $belief->words()));
    }

    private static function water(Dish $dish, Mass $raw, Pot $pot, int $batches, float $batchL): Figure
    {
        $fullL = (self::waterKg($dish, $raw) + self::boiledKg($dish, $raw) + $raw->kg * self::DISPLACED_L_PER_KG)
            / $batches;

        return Figure::of($batchL, 'L', 1,
            Note::of(
                'boil-plan.times-of-rice', perRice: round(
                    $dish->grain->water->perRice,
                    1,
                ), raw: Quantity::grams($raw->inGrams()),
                batches: $batches, litres: $batchL,
            ),
            Note::of(
                'boil-plan.fills-the-pot',
                fullL: (int) round(100 * $fullL / $pot->litres),
                pot: $pot->name,
            ));
    }

    private static function salt(Dish $dish, Kitchen $kitchen, float $batchL): Figure
    {
        $grams = $dish->grain->water->saltGPerL * $batchL;

        return Figure::of($grams, 'g', 0, Note::of(
            'boil-plan.salt-in-the-water', saltGPerL: round($dish->grain->water->saltGPerL, 1), waterKg: $batchL,
            teaspoons: $kitchen->pantry->salt->teaspoons(Mass::grams($grams)), salt: $kitchen->pantry->salt,
            gramsPerTeaspoon: $kitchen->pantry->salt->gramsPerTeaspoon(),
        ));
    }

    private static function saltKept(SaltKept $salt): Figure
    {
        return Figure::of($salt->grams(), 'g', 1,
            Note::of(
                'boil-plan.salt-kept', keptWaterL: $salt->keptWaterL, boilG: $salt->boilG,
                soakG: $salt->soakG, soaked: $salt->soakG > 0,
            ),
            $salt->rinsedOffG > 0
                ? Note::of('boil-plan.salt-rinsed-off', rinsedOffG: $salt->rinsedOffG)
                : Note::of('boil-plan.salt-poured-away'));
    }

    private static function liftFigure(
        Dish $dish, Kitchen $kitchen, FactorBelief $belief, BoilForecast $forecast,
    ): Figure {
        $boilC = $forecast->boil->boilC;

        return Figure::seconds($forecast->liftAt(),
            Note::of(
                'boil-plan.boiling-point', soak: $dish->grain->rice->soak->words(), altitudeM: (int) round(
                    $kitchen->site->altitudeM,
                ),
                boilC: $boilC, belief: $belief->words(),
            ),
            Note::of(
                'boil-plan.lifted-as-it-feels', target: (int) round(
                    100 * $forecast->target,
                ), handDelayS: (int) Draining::HAND_DELAY_S,
                inPot: (int) round(100 * $forecast->donenessInPot($forecast->liftAt())),
            ))
            ->within($forecast->liftAt(0.1), $forecast->liftAt(0.9));
    }

    /**
     * How many boils the rice takes, so that each boils back soon and froth has its room.
     *
     * @throws Refused when the dish names a pot, ring or bag that the kitchen does not have
     */
    public static function batchesOf(Dish $dish, Kitchen $kitchen, Mass $raw): int
    {
        $kind = $kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind;
        $soak = $dish->grain->rice->soak;
        $riceC = $soak->minutes > 0 ? $soak->celsius : $kitchen->site->roomC;
        $waterKg = self::waterKg($dish, $raw);
        $backS = Boil::backAtBoilAfter(
            Boil::soaked($raw, $kind, $soak),
            self::liddedW(
                $kitchen->pot($dish->grain->water->pot, 'water/pot'),
                $kitchen->ring($dish->grain->water->ring, 'water/burner'),
                $kitchen,
            ),
            $kitchen->boilC(), $riceC,
        );
        $fullL = $waterKg + self::boiledKg($dish, $raw) + $raw->kg * self::DISPLACED_L_PER_KG;

        $holdsL = (1 - self::FREE) * $kitchen->pot($dish->grain->water->pot, 'water/pot')->litres;

        return max(
            (int) ceil($backS / self::MOST_BACK_S - 1e-9), (int) ceil($fullL / $holdsL - 1e-9),
        );
    }

    /**
     * How much of the rice is wanted at each stage, the least done first.
     *
     * @return non-empty-array<string, float> share of all the rice, by stage
     */
    private static function shares(Dish $dish): array
    {
        $inBase = $dish->build->base->riceShare;
        $shares = $inBase > 0 ? [$dish->grain->water->stage->value => $inBase] : [];
        foreach ($dish->build->layers as $layer) {
            if ($layer->matter === Matter::Rice) {
                $stage = ($layer->stage ?? $dish->grain->water->stage)->value;
                $shares[$stage] = ($shares[$stage] ?? 0.0) + $layer->share;
            }
        }
        uksort(
            $shares,
            static fn (string $a, string $b): int => Stage::from($a)->doneness() <=> Stage::from($b)->doneness(),
        );

        return $shares === [] ? [$dish->grain->water->stage->value => 1.0] : $shares;
    }

    /** Whether some rice is lifted at a stage; none is at the dish's own where every layer has another. */
    public function isLiftedAt(Stage $stage): bool
    {
        return in_array($stage, array_column($this->lifts, 'stage'), true);
    }

    /** The lift of rice that is layered at a stage. */
    public function liftOf(Stage $stage): Lift
    {
        foreach ($this->lifts as $lift) {
            if ($lift->stage === $stage) {
                return $lift;
            }
        }

        throw new LogicException("No rice is lifted when it is {$stage->value}.");
    }

    /** Whether the rice is as far as it is wanted before the water boils again. */
    public function isLiftedBeforeItBoils(): bool
    {
        return $this->lifts[0]->at->amount < $this->backAtBoil->amount;
    }

    /** Whether the ring holds the boil with the lid off. */
    public function holdsTheBoil(): bool
    {
        return $this->ring->netW() - $this->pot->openLossW() > self::HOLDS_W;
    }

    /** More batches than anyone would boil: the pot or the ring is too small for this rice. */
    public function isHopeless(): bool
    {
        return $this->batches > self::MOST_BATCHES;
    }

    /** Seconds in the water after which even the slowest grain to reckon with is past the target. */
    public function courseEndsS(): float
    {
        return 1.25 * ($this->liftAt->by ?? $this->liftAt->amount) + 120;
    }
}
