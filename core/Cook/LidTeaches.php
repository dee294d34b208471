<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Heat\Likely;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Heat\OverPots;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Pot\Matter;

/** What a noted cook says of its ring, of the low mark under its pot, and of how fast the pot browns. */
final class LidTeaches
{
    /** How unevenly a crust browns, in ln browning: one place was touched. */
    private const CRUST_SCATTER = 0.12;

    /**
     * @return array{
     *     stove: list<float>, heats: list<array{of: string, likelihood: list<float>}>
     * }|null on the grid of FactorBelief; null where it says nothing
     */
    public static function of(Cook $cook): ?array
    {
        $times = UnderTheLid::times($cook);
        $outcome = $cook->state->outcome;
        $pot = $cook->plan()->sealedPot();
        $line = $cook->plan()->potted->first()->line();
        if ($times === null || $outcome === null || $pot === null || HeatLine::usesOven($line)) {
            return null;
        }
        $evidence = LidEvidence::of($cook, ...$times);
        [$pots, $odds] = $evidence->pots($pot);
        $prior = $evidence->prior;
        $measured = $cook->state->measuredCrust;
        $isLaid = $cook->plan()->dish->build->base->kind->isLaid;
        if ($measured !== null && $measured->tooOdd === null) {
            $odds = $odds->given(Likely::measured(
                $odds, $pots->lnBrowning(), $measured->lnBrowning, hypot($measured->sd, self::CRUST_SCATTER),
            ));
        } elseif ($isLaid && $outcome->crust !== null) {
            $odds = $odds->given(Likely::colour($odds, $pots->lnBrowning(), $outcome->crust));
        }
        if ($outcome->where === Where::Top || $outcome->where === Where::Middle) {
            $odds = $odds->given(Likely::done(
                self::doneness($pots), ! in_array($outcome->rice, [RiceOutcome::Hard, RiceOutcome::Firm], true),
            ));
        }

        return $odds === $prior ? null : self::lessons($cook, $prior, $odds);
    }

    /** @return array{stove: list<float>, heats: list<array{of: string, likelihood: list<float>}>} */
    private static function lessons(Cook $cook, Odds $prior, Odds $after): array
    {
        $plan = $cook->plan();
        [$rings, $marks, $browns] = array_map(self::ratio(...), $after->each(), $prior->each());
        $ring = $plan->potted->first()->place->ring->id;
        $low = Odds::lowMark($plan->potted->first()->line());
        $heats = $low === null ? [] : [[
            'of' => Knowledge::MARK.SealedPot::markKey($low->ring === '' ? $ring : $low->ring, $low->setting),
            'likelihood' => self::onGrid($marks, $prior->marks(), self::lowLn($cook)),
        ]];
        $heats[] = [
            'of' => Knowledge::BROWNS."{$plan->pot()->id}@{$plan->dish->build->base->kind->id}",
            'likelihood' => self::onGrid($browns, $after->browns(), log($plan->sealedPot()->browns ?? 1.0)),
        ];

        return ['stove' => self::onGrid($rings, $prior->rings(), log($plan->stove()->likely())), 'heats' => $heats];
    }

    /** What is thought of the low mark already, ln. */
    private static function lowLn(Cook $cook): float
    {
        $load = $cook->plan()->potted->first();
        $low = Odds::lowMark($load->line());

        return $low === null || $load->sealed === null ? 0.0 : log(
            $load->sealed->wattsAt($low->ring, $low->setting) / ($load->sealed->netW($low->ring) * $low->setting),
        );
    }

    /**
     * @param  list<float>  $after
     * @param  list<float>  $before
     * @return list<float>
     */
    private static function ratio(array $after, array $before): array
    {
        return array_map(
            static fn (float $one, float $other): float => max(1e-6, $one / max(1e-12, $other)), $after, $before,
        );
    }

    /**
     * From points of a belief to the grid of FactorBelief: their logarithms in lines, and as at the last past them.
     *
     * @param  list<float>  $likelihood
     * @param  list<float>  $at ln of the factor over what was thought
     * @param  float  $thought ln
     * @return list<float>
     */
    private static function onGrid(array $likelihood, array $at, float $thought): array
    {
        $last = count($at) - 1;
        $step = ($at[$last] - $at[0]) / $last;

        return array_map(static function (float $ln) use ($likelihood, $at, $thought, $last, $step): float {
            $place = max(0.0, min($last - 0.001, ($ln - $thought - $at[0]) / $step));
            $low = (int) $place;
            $one = log($likelihood[$low]);

            return exp($one + ($place - $low) * (log($likelihood[$low + 1]) - $one));
        }, FactorBelief::grid());
    }

    /** Of the least cooked rice. */
    private static function doneness(MaybePots $pots): OverPots
    {
        $done = static function (Steaming $pot): float {
            $radius = 0.0;
            foreach ($pot->core as $i => $core) {
                $isRice = $pot->pot->layers[$pot->layerOf[$i]]->matter === Matter::Rice;
                $radius = $isRice ? max($radius, $core) : $radius;
            }

            return 1 - $radius ** 2;
        };

        return OverPots::of(array_map($done, $pots->all));
    }
}
