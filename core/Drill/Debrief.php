<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\LidLooks;
use Orbek\Core\Cook\TurnedHeat;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Heat\Foretold;
use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;

/**
 * A practice supper at its end: what really happened under the lid, what each decision cost, and what would have been
 * best from there. What a decision cost is what the pot would have missed less, all else as it was.
 */
final readonly class Debrief
{
    private const STEP_S = 6.0;

    /** Less than this is not worth a word. */
    public const COSTS = 0.05;

    /** So many minutes nobody minds. */
    private const WAITED_MIN = 2;

    /** From a turn on, the first heat is tried so much longer, min. */
    private const LONGER = [0.0, 1.0, 2.0, 3.0, 4.0, 6.0, 8.0];

    /** And what follows over what it was. */
    private const SHARES = [1.0, 0.75, 0.9, 1.15, 1.35];

    /** The ring is known by now: a heat is looked for that is right on it and a little to either side. */
    private const RING_SD = 0.05;

    /** Only the end of a course that is tried is looked at. */
    private const KEPT_EVERY_S = 600.0;

    /** @var list<Foretold> what really went wrong */
    public array $faults;

    /**
     * @param  list<array{what: Note, so: Note, cost: float}>  $decisions in the order in which they were made
     * @param  Note|null  $bestFrom what would have been best from the first turn of the heat on
     * @param  list<Note>  $looks what was seen of the pot, what was done by it, what would have come without
     */
    private function __construct(
        public Course $course, public HeatPlan $plan, public array $decisions, public ?Note $bestFrom, Cook $cook,
        public array $looks,
    ) {
        $this->faults = Foretold::in($plan, $cook->plan()->dish->aim());
    }

    /** What is to be told; null where the pot was never closed. */
    public static function of(Cook $cook, Supper $supper): ?self
    {
        $turned = UnderTheLid::turned($cook);
        $planned = $cook->plan()->sealedPot();
        $course = $supper->course($cook);
        if ($turned === null || $planned === null || $course === null) {
            return null;
        }
        $lifted = $cook->liftedAfterS();
        $pot = $supper->pot($cook, $planned, $lifted);
        $asItWas = HeatPlan::judged($course, $cook->plan()->dish->aim());
        $decisions = array_values(array_filter([
            self::lift($cook, $supper, $turned, $planned, $asItWas), self::heat($cook, $pot, $asItWas),
            self::opening($cook, $turned, $pot, $asItWas), self::table($cook, $supper),
        ]));

        return new self(
            $course, $asItWas, $decisions, self::best($cook, $pot, $turned), $cook,
            LidLooks::of($cook, $pot),
        );
    }

    /** @return array{what: Note, so: Note, cost: float}|null */
    private static function lift(
        Cook $cook, Supper $supper, TurnedHeat $turned, SealedPot $planned, HeatPlan $asItWas,
    ): ?array {
        $lifted = $cook->liftedAfterS();
        $right = $supper->rightLiftS($cook);
        if ($lifted === null || $right === null) {
            return null;
        }
        $otherwise = HeatPlan::judged(
            $turned->course($supper->pot($cook, $planned, $right)), $cook->plan()->dish->aim(),
        );

        return self::decision(
            Note::of(
                'supper.lifted', at: Quantity::seconds($lifted), right: Quantity::seconds(round($right)),
                late: $lifted > $right,
            ),
            $asItWas, $otherwise,
        );
    }

    /**
     * @return array{what: Note, so: Note, cost: float}|null the heat as it was turned, against the best for this pot
     */
    private static function heat(Cook $cook, SealedPot $pot, HeatPlan $asItWas): ?array
    {
        $load = $cook->plan()->potted->first();
        if ($load->stove === null) {
            return null;
        }
        $dish = $cook->plan()->dish;
        $best = Heating::found($pot, $dish->aim(), $load->stove, $dish->bounds(), self::RING_SD)->plan;
        $first = static fn (HeatPlan $plan): float => $plan->course->heat[0]->minutes;

        return self::decision(Note::of(
            'supper.heated', first: round($first($asItWas), 1), best: round($first($best), 1),
            whole: (int) round($asItWas->minutes()), bestWhole: (int) round($best->minutes()),
        ), $asItWas, $best);
    }

    /** @return array{what: Note, so: Note, cost: float}|null */
    private static function opening(Cook $cook, TurnedHeat $turned, SealedPot $pot, HeatPlan $asItWas): ?array
    {
        if ($turned->lifted === []) {
            return null;
        }
        $shut = HeatPlan::of($pot, $cook->plan()->dish->aim(), $asItWas->course->heat, self::STEP_S);

        return self::decision(Note::of('supper.opened', times: count($turned->lifted)), $asItWas, $shut);
    }

    /** @return array{what: Note, so: Note, cost: float}|null */
    private static function table(Cook $cook, Supper $supper): ?array
    {
        $servedAt = $cook->state->servedAt;
        if ($servedAt === null) {
            return null;
        }
        $wanted = $cook->plan()->day->tableAt->getTimestamp() + 60 * $supper->lateMin;
        $late = (int) round(($servedAt->getTimestamp() - $wanted) / 60);

        return [
            'what' => Note::of('supper.served', late: abs($late), isLate: $late > 0, guests: $supper->lateMin),
            'so' => match (true) {
                $late > self::WAITED_MIN => Note::of('supper.they-waited', late: $late),
                $late < -self::WAITED_MIN => Note::of('supper.the-food-waited', early: -$late),
                default => Note::of('supper.in-time'),
            },
            'cost' => 0.0,
        ];
    }

    /** The first turn of the heat taken as it was, and what would then have been best. */
    private static function best(Cook $cook, SealedPot $pot, TurnedHeat $turned): ?Note
    {
        $line = $turned->line;
        if (count($line) < 2) {
            return null;
        }
        $plans = [];
        foreach (self::LONGER as $longer) {
            foreach (self::SHARES as $share) {
                $rest = array_map(
                    static fn (Stretch $stretch): Stretch => $stretch->isRest()
                        ? $stretch
                        : $stretch->lasting(max(1.0, $share * $stretch->minutes)),
                    array_slice($line, 1),
                );
                $plan = HeatPlan::of(
                    $pot, $cook->plan()->dish->aim(), [$line[0]->lasting($line[0]->length() + $longer), ...$rest],
                    self::STEP_S, self::KEPT_EVERY_S,
                );
                $plans[] = ['longer' => $longer, 'plan' => $plan];
            }
        }
        // Of those that miss as little, the first: the least changed.
        usort(
            $plans,
            static fn (array $a, array $b): int => round($a['plan']->miss(), 4) <=> round($b['plan']->miss(), 4),
        );
        [$colour, $uptake] = self::came($plans[0]['plan']->course);

        return Note::of(
            'supper.best-from-there', longer: $plans[0]['longer'], minutes: (int) round($plans[0]['plan']->minutes()),
            colour: $colour, uptake: $uptake,
        );
    }

    /** @return array{what: Note, so: Note, cost: float} */
    private static function decision(Note $what, HeatPlan $asItWas, HeatPlan $otherwise): array
    {
        $cost = $asItWas->miss() - $otherwise->miss();
        [$colour, $uptake] = self::came($otherwise->course);

        return [
            'what' => $what, 'cost' => max(0.0, $cost),
            'so' => $cost > self::COSTS
                ? Note::of('supper.otherwise', colour: $colour, uptake: $uptake)
                : Note::of('supper.cost-nothing'),
        ];
    }

    /** @return array{CrustColour, Texture} crust and rice of a course's end */
    private static function came(Course $course): array
    {
        $rice = $course->riceLayers();
        $uptake = array_sum(array_map(static fn ($state): float => $state->uptake, $rice)) / max(1, count($rice));
        $least = $rice === [] ? 1.0 : min(array_map(static fn ($state): float => $state->doneness, $rice));

        return [$course->colour(), Texture::of($uptake, 0.0, $least)];
    }
}
