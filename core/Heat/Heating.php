<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;

/** The heat that a pot gets, where it comes from, what it comes to, and what that may be on this stove. */
final readonly class Heating
{
    /** An oven is left on for so much longer at a time, till all is cooked. */
    private const OVEN_STEP_MIN = 5.0;

    private const OVEN_MOST_MIN = 180.0;

    private const LOOKED_AT = 5;

    /**
     * A first heat is made so much longer or shorter at a time, so often at most, till the colour is so near, in ln
     * browning.
     */
    private const FINER_MIN = 0.5;

    private const FINER_TRIES = 4;

    private const NEAR = 0.15;

    /** Where the ring gives more and less it is followed in long steps. */
    private const ROBUST_STEP_S = 10.0;

    private function __construct(
        public Origin $origin,
        public HeatPlan $plan,
        public Aim $aim,
        private Spread $spread,
    ) {
    }

    /**
     * A line found for the pot.
     *
     * @param  float  $ringSd of ln heat: what is not known of the ring
     * @param  FoundLines|null  $before lines that were found before
     */
    public static function found(
        SealedPot $pot, Aim $aim, Stove $stove, Bounds $bounds, float $ringSd, ?FoundLines $before = null,
    ): self {
        $plan = null;
        $find = static function () use ($pot, $aim, $stove, $bounds, $ringSd, &$plan): FoundLine {
            $plan = self::best($pot, $aim, $bounds, HeatSearch::find($pot, $aim, $stove, $bounds, $ringSd));

            return new FoundLine($plan->line, self::spread($plan, $pot, $aim, $ringSd));
        };
        $found = $before === null
            ? $find()
            : $before->line(hash('xxh128', serialize([$pot, $aim, $stove, $bounds, $ringSd])), $stove->ring->id, $find);

        return new self(Origin::Found, $plan ?? HeatPlan::of($pot, $aim, $found->line), $aim, $found->spread);
    }

    private static function spread(HeatPlan $plan, SealedPot $pot, Aim $aim, float $ringSd): Spread
    {
        return Spread::of(Robust::around($plan, $pot, $aim, $ringSd, self::ROBUST_STEP_S));
    }

    private static function best(SealedPot $pot, Aim $aim, Bounds $bounds, Findings $findings): HeatPlan
    {
        $near = [];
        foreach (array_slice($findings->ranked(), 0, self::LOOKED_AT) as $robust) {
            $near[] = $plan = self::finer($pot, $aim, $bounds, $robust->plan->line);
            if ($plan->isRight()) {
                return $plan;
            }
        }
        usort($near, static fn (HeatPlan $a, HeatPlan $b): int => $a->miss() <=> $b->miss());

        return $near[0];
    }

    /**
     * A line that was found, its first heat so much longer or shorter as makes it right and brings the crust to the
     * heart of its colour.
     *
     * @param  non-empty-list<Stretch>  $line
     */
    private static function finer(SealedPot $pot, Aim $aim, Bounds $bounds, array $line): HeatPlan
    {
        $best = HeatPlan::of($pot, $aim, $line);
        $off = static fn (HeatPlan $plan): float => $aim->offBy($plan->course->end()->browning);
        $isBetter = static fn (HeatPlan $one, HeatPlan $other): bool => match (true) {
            $one->isRight() !== $other->isRight() => $one->isRight(),
            $one->isRight() => $off($one) < $off($other),
            default => $one->miss() < $other->miss(),
        };
        $longer = $best->course->end()->browning < $aim->wantedBrowning() ? self::FINER_MIN : -self::FINER_MIN;
        foreach ([$longer, -$longer] as $by) {
            for ($try = 0; $try < self::FINER_TRIES && ! ($best->isRight() && $off($best) <= self::NEAR); $try++) {
                $other = [$best->line[0]->longer($by), ...array_slice($best->line, 1)];
                if (! $bounds->hold($best->line, $other)) {
                    break;
                }
                $other = HeatPlan::of($pot, $aim, $other);
                if (! $isBetter($other, $best)) {
                    break;
                }
                $best = $other;
            }
            if ($best->isRight()) {
                break;
            }
        }

        return $best;
    }

    /**
     * A line as it is given: a cook's own, or a school's.
     *
     * @param  non-empty-list<Stretch>  $line
     */
    public static function given(Origin $origin, SealedPot $pot, Aim $aim, array $line, float $ringSd): self
    {
        $plan = HeatPlan::of($pot, $aim, $line);

        return new self($origin, $plan, $aim, self::spread($plan, $pot, $aim, $ringSd));
    }

    /**
     * A school's line in the oven, left on till all is cooked.
     *
     * @param  non-empty-list<Stretch>  $line
     */
    public static function inOven(SealedPot $pot, Aim $aim, array $line): self
    {
        $steaming = new Steaming($pot);
        $longer = [];
        foreach ($line as $stretch) {
            $minutes = $stretch->minutes;
            $steaming->advance($stretch->flame, 60 * $minutes);
            while ($stretch->flame->ovenC !== null && $minutes < self::OVEN_MOST_MIN && ! $aim->isCooked($steaming)) {
                $steaming->advance($stretch->flame, 60 * self::OVEN_STEP_MIN);
                $minutes += self::OVEN_STEP_MIN;
            }
            $longer[] = new Stretch($minutes, $stretch->flame);
        }

        return self::given(Origin::Found, $pot, $aim, $longer, 0.0);
    }

    /** @return non-empty-list<Stretch> as planned, its cues in it */
    public function line(): array
    {
        return $this->plan->line;
    }

    /** What happens under the lid. */
    public function course(): Course
    {
        return $this->plan->course;
    }

    /** @return list<Foretold> what goes wrong as planned */
    public function foretold(): array
    {
        return Foretold::in($this->plan, $this->aim);
    }

    /** The lightest and the darkest that the crust may come to, with the ring not known better. */
    public function colours(): ColourRange
    {
        [$low, $high] = $this->spread->colours();

        return new ColourRange($low, $this->course()->colour(), $high);
    }

    /**
     * When a stretch's cue may come, minutes after the stretch began, earliest and latest; null where it has none.
     *
     * @return array{float, float}|null
     */
    public function window(int $stretch): ?array
    {
        return $this->spread->windows[$stretch] ?? null;
    }

    /** @return list<Flame> under the pot one after another */
    public function flames(): array
    {
        return array_map(static fn (Stretch $stretch): Flame => $stretch->flame, $this->plan->line);
    }
}
