<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Lid\Burner;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use Orbek\Core\Water\SaltKept;

/** The boil: its water, its batches, and when to lift. */
final readonly class BoilPlan
{
    /** The whole must boil back within this, or the batch is split. */
    public const MOST_BACK_S = 210.0;

    /** Share of the pot kept free for froth. */
    private const FREE = 0.25;

    /** Volume a raw grain displaces, L per kg: true density 1.45 kg/L. */
    private const DISPLACED_L_PER_KG = 1 / 1.45;

    private const MOST_BATCHES = 4;

    private const WATER_J_PER_KG_K = 4186.0;

    /** @param  non-empty-list<Lift>  $lifts */
    private function __construct(
        public RiceKind $kind,
        /** What is believed before the first grain is tested. */
        public BoilForecast $forecast,
        /** In the order in which they are lifted; the last is the dish's own stage or the furthest. */
        public array $lifts,
        public Pot $pot,
        public Burner $burner,
        public int $batches,
        public int $heatUpMin,
        /** Salt the rice keeps of each g/L in the boil, g. */
        public float $keptPerGPerL,
        public Figure $tau,
        public Figure $water,
        public Figure $salt,
        public Figure $saltKept,
        public Figure $backAtBoil,
        public Figure $liftAt,
    ) {
    }

    public static function of(Dish $dish, Kitchen $kitchen, FactorBelief $belief, Mass $raw, int $waitMin): self
    {
        $lot = $kitchen->lot($dish->rice->lot, 'rice/lot');
        $pot = $kitchen->pot($dish->water->pot, 'water/pot');
        if ($pot->cookerW !== null) {
            throw OutOfRange::because('water/pot', "\"{$pot->name}\" stands on no ring;", 'name a pot that does');
        }
        $burner = $kitchen->burner($dish->water->burner, 'water/burner');
        $kind = $lot->kind;
        $soak = $dish->rice->soak;
        $front = CookingFront::of($kind, $soak);
        $boilC = $kitchen->boilC();
        $riceC = $soak->minutes > 0 ? $soak->celsius : $kitchen->roomC;
        $waterKg = $raw->kg * $dish->water->perRice;

        $netW = $burner->netW();
        $inOne = Boil::of($front, Boil::soaked($raw, $kind, $soak), Mass::kilograms($waterKg), $netW, $boilC, $riceC);
        $fullL = $waterKg + $raw->kg * self::DISPLACED_L_PER_KG;
        $batches = max(
            (int) ceil($inOne->backAtBoilS / self::MOST_BACK_S - 1e-9),
            (int) ceil($fullL / ((1 - self::FREE) * $pot->litres) - 1e-9),
        );
        $batch = $raw->times(1 / $batches);
        $boil = $batches === 1 ? $inOne : Boil::of($front, Boil::soaked($batch, $kind, $soak), Mass::kilograms($waterKg / $batches), $netW, $boilC, $riceC);

        $uptake = Uptake::of($kind, $soak);
        $lifts = [];
        foreach (self::shares($dish) as $value => $share) {
            $stage = Stage::from($value);
            $drained = $batch->times($share * ($uptake->at($stage->doneness()) + Uptake::SURFACE));
            $carryOver = $dish->water->draining->carryOverS($drained, $boilC, $kitchen->roomC, 60 * $waitMin);
            $forecast = BoilForecast::of($boil, $uptake, $stage->doneness(), $carryOver, $belief->today());
            $lifts[] = new Lift($stage, $share, $forecast, self::liftFigure($dish, $kitchen, $belief, $forecast), $forecast->donenessAfter($forecast->liftAt() + Draining::HAND_DELAY_S));
        }
        $last = $lifts[count($lifts) - 1];
        $forecast = $last->forecast;

        $kept = static function (float $gPerL) use ($lifts, $raw, $kind, $soak, $dish): SaltKept {
            $parts = array_map(static fn (Lift $lift): SaltKept => SaltKept::in($raw->times($lift->share), $kind, $soak, $lift->outOfWater, $gPerL, $dish->water->draining === Draining::Rinse), $lifts);

            return array_reduce(array_slice($parts, 1), static fn (SaltKept $sum, SaltKept $part): SaltKept => $sum->plus($part), $parts[0]);
        };
        $salt = $kept($dish->water->saltGPerL);
        $saltG = $dish->water->saltGPerL * $waterKg / $batches;

        $inBatches = $batches === 1 ? '' : sprintf(', in %d batches of %.1f L in the same water', $batches, $waterKg / $batches);

        return new self(
            $kind, $forecast, $lifts, $pot, $burner, $batches,
            (int) ceil(self::WATER_J_PER_KG_K * $waterKg / $batches * ($boilC - $kitchen->tapC) / $netW / 60),
            $kept(1.0)->grams() - $kept(0.0)->grams(),
            Figure::of($front->tauS * $belief->likely() / 60, 'min', 1,
                sprintf('Raw to done in water at 100 °C: %s takes %s min dry; %s it is %d %% full, which takes off %d %%.',
                    $kind->label(), round($kind->unsoakedTauS() / 60, 1), $soak->words(), (int) round(100 * $soak->saturation($kind)), (int) round(100 * $kind->soakGain() * $soak->saturation($kind))),
                ucfirst($belief->words()).'.'),
            Figure::of($waterKg / $batches, 'L', 1,
                sprintf('%s times %s of rice%s.', round($dish->water->perRice, 1), Figure::of($raw->inGrams(), 'g', 0, '-')->text(), $inBatches),
                sprintf('With the rice it fills %d %% of %s; a quarter is kept free for froth.', (int) round(100 * $fullL / $batches / $pot->litres), $pot->name)),
            Figure::of($saltG, 'g', 0,
                sprintf('%s g a litre in %.1f L: %.1f teaspoons of %s salt at %s g each.', round($dish->water->saltGPerL, 1), $waterKg / $batches, $kitchen->salt->teaspoons(Mass::grams($saltG)), $kitchen->salt->value, $kitchen->salt->gramsPerTeaspoon())),
            Figure::of($salt->grams(), 'g', 1,
                sprintf('The rice keeps %.2f L of the salted water, 85 %% of its strength: %.1f g%s.', $salt->keptWaterL, $salt->boilG, $salt->soakG > 0 ? sprintf(', and %.1f g from the soak', $salt->soakG) : ''),
                $salt->rinsedOffG > 0 ? sprintf('The cold rinse takes %.1f g off again. The rest goes down the sink.', $salt->rinsedOffG) : 'The rest goes down the sink.'),
            Figure::seconds($boil->backAtBoilS,
                sprintf('The rice takes the water from %.1f to %.1f °C; %s brings %d W to it.', $boilC, $boil->afterRiceC, $burner->name, (int) round($netW))),
            $last->at,
        );
    }

    /**
     * How much of the rice is wanted at each stage, the least done first.
     *
     * @return non-empty-array<string, float> share of all the rice, by stage
     */
    private static function shares(Dish $dish): array
    {
        $shares = $dish->base->riceShare > 0 ? [$dish->water->stage->value => $dish->base->riceShare] : [];
        foreach ($dish->layers as $layer) {
            if ($layer->matter === Matter::Rice) {
                $stage = ($layer->stage ?? $dish->water->stage)->value;
                $shares[$stage] = ($shares[$stage] ?? 0.0) + $layer->share;
            }
        }
        uksort($shares, static fn (string $a, string $b): int => Stage::from($a)->doneness() <=> Stage::from($b)->doneness());

        return $shares === [] ? [$dish->water->stage->value => 1.0] : $shares;
    }

    private static function liftFigure(Dish $dish, Kitchen $kitchen, FactorBelief $belief, BoilForecast $forecast): Figure
    {
        return Figure::seconds($forecast->liftAt(),
            sprintf('%s, at %d m water boils at %.1f °C; %s.', ucfirst($dish->rice->soak->words()), (int) round($kitchen->altitudeM), $forecast->boil->boilC, $belief->words()),
            sprintf('Counted back from %d %% done: %d s in hand to the colander, then %s it cooks on for as much as %d s of boiling.',
                (int) round(100 * $forecast->target), (int) Draining::HAND_DELAY_S, $dish->water->draining->label(), (int) round($forecast->carryOverS / CookingFront::speed($forecast->boil->boilC))))
            ->within($forecast->liftAt(0.1), $forecast->liftAt(0.9));
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
