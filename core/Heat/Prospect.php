<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Measure\Normal;

/**
 * How likely all comes out right with a heat line whose low heat is chosen where steam shows, as far as a search can
 * afford to ask: the ring known by then; its low marks, the filling's wetness and the browning not. Five pots stand for
 * what Steering follows closely (docs/model.md, section F).
 */
final readonly class Prospect
{
    /** What each of the three rings weighs. */
    private const MIDDLE_WEIGHS = 0.4;

    private const OUTER_WEIGHS = 0.3;

    /** Where it is as likely as this no other heat is asked about. */
    private const SURE = 0.9;

    private const ROUGH_STEP_S = 16.0;

    /** How surely the browning is known by one who looks, ln. */
    private const BROWN_SD = 0.2;

    /**
     * @param  non-empty-list<float>  $minutes at which the low heat may be turned off
     */
    private function __construct(
        private SealedPot $pot, private LineTillLow $line, private Aim $aim, private array $minutes,
    ) {
    }

    /**
     * @param  float  $ringSd of ln heat
     * @return float a share of what is believed, 0 … 1
     */
    public static function of(
        SealedPot $pot, LineTillLow $line, float $ringSd, Stove $stove, Bounds $bounds, Aim $aim,
    ): float {
        [$there, , $spent] = $line->follow($pot, stepS: self::ROUGH_STEP_S);
        $planned = max(0.0, $line->low->minutes - $spent);
        $least = min($planned, $bounds->leastSteered($spent));

        return (new self($pot, $line, $aim, [
            $least, ($least + $planned) / 2, $planned, $planned + Steering::LONGER_MIN / 2,
            $planned + Steering::LONGER_MIN,
        ]))->share($there, Robust::SDS * $ringSd, Steering::flames($line->low->flame, $stove));
    }

    /** @param  non-empty-list<Flame>  $flames the one planned first */
    private function share(Steaming $there, float $ringLn, array $flames): float
    {
        $low = $flames[0];
        $asThought = $this->ends($there, $low, $this->minutes);
        $planned = intdiv(count($this->minutes), 2);
        $off = function (SealedPot $other) use ($low, $asThought, $planned): array {
            [[$ln, $margin]] = $this->ends($this->to($other), $low, [$this->minutes[$planned]]);

            return [$ln - $asThought[$planned][0], $margin - $asThought[$planned][1]];
        };
        $drier = $off(MaybePots::varied($this->pot, 1.0, -MaybePots::OUTER_SD * MaybePots::WETNESS_SD));
        $marked = $low->setting > SealedPot::LOW_MARK
            ? [0.0, 0.0] : $off($this->pot->turning(exp(MaybePots::OUTER_SD * Odds::MARK_SD)));
        $share = self::MIDDLE_WEIGHS * $this->best($asThought, $drier, $marked);
        foreach ([-$ringLn, $ringLn] as $ln) {
            $pot = $this->to($this->pot->heated(exp($ln)));
            $best = 0.0;
            foreach ($this->ways($flames, $ln < 0) as [$stay, $flame]) {
                $best = $best > self::SURE ? $best : max($best, $this->best(
                    $this->ends($pot, $flame, $this->minutes, $stay), $drier, $marked,
                ));
            }
            $share += self::OUTER_WEIGHS * $best;
        }

        return $share;
    }

    /** Where the low heat is chosen. */
    private function to(SealedPot $pot): Steaming
    {
        return $this->line->follow($pot, stepS: self::ROUGH_STEP_S)[0];
    }

    /**
     * @param  non-empty-list<float>  $minutes
     * @return list<array{float, float}> ln browning, and the least margin else, by minute
     */
    private function ends(Steaming $there, Flame $flame, array $minutes, ?float $stayMin = null): array
    {
        return Way::ends(
            there: $there, on: $this->line->on, stayMin: $stayMin ?? $this->line->pastMin, flame: $flame,
            minutes: $minutes, restMin: $this->line->restMin, aim: $this->aim,
        );
    }

    /**
     * As planned; then a higher mark where the ring gives less, a lower one and sooner where it gives more.
     *
     * @param  non-empty-list<Flame>  $flames
     * @return non-empty-list<array{float, Flame}> minutes that what is on stays on, and what it is turned to
     */
    private function ways(array $flames, bool $isLess): array
    {
        $planned = $this->pot->wattsInto($flames[0]);
        $others = array_filter($flames, fn (Flame $flame): bool => $isLess
            ? $this->pot->wattsInto($flame) > $planned : $this->pot->wattsInto($flame) < $planned);
        $past = $this->line->pastMin;

        return [
            [$past, $flames[0]], ...$isLess || $past <= 0.0 ? [] : [[0.0, $flames[0]]],
            ...array_map(static fn (Flame $flame): array => [$past, $flame], array_slice($others, 0, 1)),
        ];
    }

    /**
     * At the best of its minutes, over wetness and low marks (three points of a bell each, what they do taken as even).
     *
     * @param  list<array{float, float}>  $ends
     * @param  array{float, float}  $drier by what that is other
     * @param  array{float, float}  $marked
     */
    private function best(array $ends, array $drier, array $marked): float
    {
        $best = 0.0;
        foreach ($ends as [$ln, $margin]) {
            $share = 0.0;
            foreach ([-1, 0, 1] as $dry) {
                foreach ([-1, 0, 1] as $mark) {
                    $share += self::weighs($dry) * self::weighs($mark)
                        * $this->coloured($ln + $dry * $drier[0] + $mark * $marked[0])
                        * Way::fineness($margin + $dry * $drier[1] + $mark * $marked[1]);
                }
            }
            $best = max($best, $share);
        }

        return $best;
    }

    private static function weighs(int $place): float
    {
        return $place === 0 ? 1 - 2 * MaybePots::OUTER_SHARE : MaybePots::OUTER_SHARE;
    }

    /** How surely a crust comes out in its colour. */
    private function coloured(float $ln): float
    {
        $from = $this->aim->crust->begins();

        return Normal::below((log($this->aim->mostBrowning()) - $ln) / self::BROWN_SD)
            - ($from <= 0.0 ? 0.0 : Normal::below((log($from) - $ln) / self::BROWN_SD));
    }
}
