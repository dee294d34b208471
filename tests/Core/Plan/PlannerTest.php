<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use App\Formats\PlanJson;
use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Layer;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class PlannerTest extends TestCase
{
    private const SECOND = ['pot' => 'iron-20', 'burner' => 'ring-1'];

    public function test_nine_at_the_lake(): void
    {
        $plan = Sample::plan();

        self::assertSame([], $plan->clashes);
        self::assertSame('797 g', Sample::amount($plan->totals->rice()));
        self::assertSame(1, Sample::boil($plan)->batches);
        self::assertSame('28 cm aluminium, 9 L', $plan->pot()->name);
        self::assertGreaterThanOrEqual(4.95, $plan->totals->free()->amount);
        self::assertSame('16:15', $plan->day->at($plan->day->schedule->firstStart())->format('H:i'));
        self::assertSame('19:25', Sample::amount($plan->totals->lidOff()));
        self::assertSame(0, $plan->day->schedule->end('open'));
    }

    public function test_layers_hold_all_the_rice_and_all_the_filling(): void
    {
        foreach ([1, 2, 5, 9, 13, 24, 60] as $eaters) {
            $plan = Sample::plan(Sample::polo()->changed('usual/eaters', $eaters));
            $raw = $plan->totals->rice()->amount / 1000;
            $mass = array_map(
                static fn (Layer $layer): float => $layer->mass->kg, $plan->potted->first()->section->layers,
            );
            $fat = 0.08 * $plan->pot()->baseCm2() / 1000 * 0.92;
            $drained = $mass[0] - $fat + $mass[1] + $mass[3];

            // W(0.6) of aged basmati, fully soaked, and the water that clings to it.
            self::assertEqualsWithDelta(
                (1.28 + (2.65 - 1.28) * 0.6 + 0.11) * $raw, $drained, 0.005 * $raw, "{$eaters} eaters",
            );
            self::assertEqualsWithDelta(
                $plan->dish->fillings->get(0)->layeredMass($plan->dish->table->rawRice())->kg,
                $mass[2],
                1e-9,
            );
            self::assertEqualsWithDelta($plan->totals->weight()->amount, 1000 * array_sum($mass), 1e-6);
        }
    }

    public function test_fewer_people_mean_less_of_everything(): void
    {
        $nine = Sample::plan();
        $five = Sample::plan(Sample::polo()->changed('usual/eaters', 5));

        self::assertLessThan($nine->totals->rice()->amount, $five->totals->rice()->amount);
        self::assertLessThan(Sample::boil($nine)->water->amount, Sample::boil($five)->water->amount);
        self::assertLessThan(Sample::boil($nine)->salt->amount, Sample::boil($five)->salt->amount);
        self::assertLessThan($nine->potted->first()->section->shoulderCm, $five->potted->first()->section->shoulderCm);
        self::assertLessThan(
            $nine->day->schedule->tasks['heat-water']->minutes, $five->day->schedule->tasks['heat-water']->minutes,
        );
        self::assertLessThan(Sample::boil($nine)->backAtBoil->amount, Sample::boil($five)->backAtBoil->amount);
    }

    public function test_the_window_is_the_bags_scatter_on_the_boil(): void
    {
        $forecast = Sample::boil(Sample::plan())->forecast;
        $lift = Sample::boil(Sample::plan())->liftAt;

        self::assertLessThan($lift->amount, $lift->from);
        self::assertGreaterThan($lift->amount, $lift->by);
        foreach (
            [
                [$lift->from, exp(-1.2816 * hypot(0.19, 0.05))],
                [$lift->amount, 1.0],
                [$lift->by, exp(1.2816 * hypot(0.19, 0.05))],
            ] as [$seconds, $factor]
        ) {
            // The fingers feel the target when it is lifted.
            $exposure = $forecast->boil->exposureAfter((float) $seconds);
            self::assertEqualsWithDelta(0.6, $forecast->boil->front->donenessAfter($exposure / $factor), 2e-3);
        }
        $hill = $forecast->hill();
        self::assertSame(1.0, max(0.0, ...array_column($hill, 1)));
        self::assertEqualsWithDelta($lift->amount, $hill[30][0], 1.0);
    }

    public function test_a_pot_too_small_says_which_pot_or_how_many(): void
    {
        $clash = self::clash(Sample::plan(Sample::polo()->changed('lid/pot', 'steel-24')), Station::Layers);

        self::assertStringContainsString('24 cm steel, 5.5 L is too small', Sample::say($clash->says));
        self::assertSame(
            ['Use the 28 cm aluminium, 9 L', 'Share it with the 20 cm cast iron, 3.2 L', 'Cook for 5'],
            array_map(static fn ($mend): string => Sample::say($mend->label), $clash->mends),
        );
        foreach ($clash->mends as $mend) {
            $mended = Sample::plan(Sample::polo()->changed('lid/pot', 'steel-24')->changed($mend->path, $mend->value));
            self::assertSame([], $mended->clashesAt(Station::Layers), Sample::say($mend->label));
        }
        $seven = Sample::plan(Sample::polo()->changed('lid/pot', 'steel-24')->changed('usual/eaters', 7));
        self::assertNotSame([], $seven->clashesAt(Station::Layers), 'six is the most');
    }

    public function test_a_dish_by_itself_is_on_the_table_as_soon_as_it_can_be(): void
    {
        $plan = Planner::in(
            Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW),
        )->plan(Sample::polo());

        self::assertSame('2026-11-24 13:15', $plan->day->tableAt->format('Y-m-d H:i'));
        self::assertGreaterThanOrEqual(
            new DateTimeImmutable(Sample::NOW), $plan->day->at($plan->day->schedule->firstStart()),
        );
        self::assertSame([], $plan->clashes);
    }

    public function test_too_much_for_one_boil_is_split_and_each_part_boils_back_in_time(): void
    {
        $plan = Sample::plan(Sample::polo()->changed('usual/eaters', 12));

        self::assertSame(2, Sample::boil($plan)->batches);
        self::assertLessThanOrEqual(210.0, Sample::boil($plan)->backAtBoil->amount);
        self::assertArrayHasKey('boil-2', $plan->day->schedule->tasks);
        self::assertStringContainsString('2 batches', Sample::say(self::clash($plan, Station::Water)->says));
        self::assertLessThanOrEqual(10, $plan->day->schedule->end('layer') - $plan->day->schedule->end('drain-2'));
    }

    public function test_a_weak_ring_is_said_where_it_is_weak(): void
    {
        $boil = Sample::plan(Sample::polo()->changed('water/burner', 'ring-1'));
        self::assertSame('ring-2', self::clash($boil, Station::Water)->mends[0]->value);
        $hopeless = self::clash(
            Sample::plan(Sample::polo()->changed('water/burner', 'ring-1')->changed('usual/eaters', 30)),
            Station::Water,
        );
        self::assertStringContainsString('batches', Sample::say($hopeless->says));
    }

    public function test_a_long_warm_soak_is_answered_with_the_fridge(): void
    {
        $plan = Sample::plan(Sample::polo()->changed('rice/soak/minutes', 600));

        self::assertStringContainsString(
            'too long out of the fridge',
            Sample::say(self::clash($plan, Station::Rice)->says),
        );
        self::assertSame([Caution::LongSoak], $plan->cautions()['rice']);
    }

    public function test_every_figure_says_why(): void
    {
        $plan = Sample::plan();
        $figures = [
            ...array_map($plan->result(...), Station::cases()), $plan->totals->weight(), Sample::boil($plan)->water,
            Sample::boil($plan)->salt, Sample::boil($plan)->saltKept, Sample::boil($plan)->backAtBoil,
        ];
        foreach ($plan->ingredients as $ingredient) {
            $figures[] = $ingredient->amount;
        }

        self::assertGreaterThan(20, count($figures));
        foreach ($figures as $figure) {
            self::assertMatchesRegularExpression('/[a-z].*\.$/', Sample::say($figure->why));
            self::assertMatchesRegularExpression('/\d/', Sample::amount($figure));
        }
        self::assertStringContainsString(
            'at 640 m water boils at 97.9 °C',
            Sample::say(Sample::boil($plan)->liftAt->why[0]),
        );
    }

    public function test_each_school_has_its_own_heat(): void
    {
        $lines = [];
        foreach (Sample::craft()->schools->all as $school) {
            $plan = Sample::plan(Sample::first($school));
            self::assertSame([], $plan->clashes, $school->id);
            $line = $plan->potted->first()->schoolLine;
            $lines[] = HeatLine::toArray($line);
            self::assertTrue($line[count($line) - 1]->isRest());
            self::assertSame([], $plan->faults(), $school->id);
            self::assertSame(0, $plan->day->schedule->end('open'));
        }
        self::assertCount(7, array_unique($lines, SORT_REGULAR));
    }

    public function test_another_dish_is_planned_from_its_document_alone(): void
    {
        $plan = Sample::plan(self::biryani());

        self::assertSame(
            ['filling', 'rice', 'filling', 'rice'],
            array_map(
                static fn (Layer $layer): string => $layer->matter->value, $plan->potted->first()->section->layers,
            ),
        );
        self::assertArrayNotHasKey('hot-fat', $plan->day->schedule->tasks);
        self::assertArrayNotHasKey('soak', $plan->day->schedule->tasks);
        self::assertSame([Caution::DoughGluten], $plan->cautions()['lid']);
        self::assertArrayNotHasKey('filling', $plan->cautions());
        self::assertEqualsWithDelta($plan->course()?->end()->minute ?? 0, $plan->totals->sealed()->amount, 0.5);
    }

    /** Among them some that counting back alone does not lay: the orders are searched first. */
    public function test_nothing_is_said_to_pinch_where_some_order_minds_every_gap(): void
    {
        foreach (
            [
                'bean-dill-polo' => ['lid/burner', 'ring-1'], 'jackfruit-cashew-biryani' => ['lid/second', self::SECOND],
                'sour-cherry-polo' => ['lid/second', self::SECOND], 'prawn-share-rice' => ['lid/second', self::SECOND],
            ] as $name => [$at, $to]
        ) {
            foreach ([2, 4, 6, 9] as $eaters) {
                $plan = Sample::plan(Sample::dish($name)->changed('usual/eaters', $eaters)->changed($at, $to));
                $says = implode(' ', array_map(static fn (Clash $one): string => Sample::say($one->says), $plan->clashes));
                self::assertStringNotContainsString('cannot follow', $says, "{$name} for {$eaters}");
                $schedule = $plan->day->schedule;
                self::assertSame(0, $schedule->end('open'));
                foreach ($plan->day->tasks as $work) {
                    foreach ($work->task->after as $gap) {
                        $waits = $schedule->start($work->task->id) - $schedule->end($gap->task);
                        self::assertGreaterThanOrEqual($gap->leastMin, $waits, $work->task->id);
                        self::assertLessThanOrEqual($gap->mostMin ?? INF, $waits, $work->task->id);
                    }
                }
            }
        }
    }

    public function test_two_stage_rice_is_two_lifts_with_two_windows(): void
    {
        $plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        [$first, $rest] = Sample::boil($plan)->lifts;

        self::assertCount(2, Sample::boil($plan)->lifts);
        self::assertSame(['snaps', 'rises'], [$first->stage->value, $rest->stage->value]);
        self::assertEqualsWithDelta(1.0, $first->share + $rest->share, 1e-9);
        self::assertGreaterThan(0, $first->at->amount);
        self::assertGreaterThan($first->at->by, $rest->at->from);
        self::assertEqualsWithDelta(0.20, $first->forecast->donenessAfter($first->at->amount), 1e-6);
        self::assertGreaterThan(0.20, $first->inPot);
        self::assertSame(
            [0.20, 0.60],
            [
                $plan->potted->first()->section->layers[1]->doneness,
                $plan->potted->first()->section->layers[2]->doneness,
            ],
        );
        self::assertStringContainsString('first scoop likely', Sample::say($plan->day->task('boil')->detail ?? ''));
        self::assertSame(Sample::boil($plan)->liftAt, $rest->at);
        self::assertLessThanOrEqual(60, $plan->day->schedule->start('layer') - $plan->day->schedule->end('dough'));
    }

    public function test_salt_in_the_dish_is_reckoned_and_solved_backwards(): void
    {
        $plan = Sample::plan();
        $saltG = Sample::boil($plan)->saltKept->amount + 10 * $plan->dish->fillings->get(0)->rawMass(
            $plan->dish->table->rawRice(),
        )->kg;
        self::assertEqualsWithDelta(
            100 * $saltG / $plan->totals->weight()->amount,
            $plan->salting->percent()->amount,
            1e-9,
        );
        self::assertStringContainsString(
            sprintf('%d mg of sodium a serving', round(393 * $saltG / 9)),
            Sample::say($plan->salting->percent()->why[1]),
        );

        self::assertNotSame([], $plan->salting->tastes());
        foreach ($plan->salting->tastes() as $taste) {
            $salted = Sample::plan(Sample::polo()->changed($taste->path, $taste->value));
            $wanted = ['mild' => 0.65, 'as usual' => 0.85, 'well salted' => 1.1][
                (string) preg_replace('/^Salt it (.*):.*$/', '$1', Sample::say($taste->label))
            ] ?? null;
            self::assertEqualsWithDelta(
                $wanted, $salted->salting->percent()->amount, 0.005, Sample::say($taste->label),
            );
        }
    }

    public function test_oil_and_lemon_are_measured_and_change_no_time(): void
    {
        $plain = Sample::plan();
        $both = Sample::plan(Sample::polo()->changed('water/oil', true)->changed('water/lemon', true));

        self::assertSame(count($plain->ingredients) + 2, count($both->ingredients));
        self::assertEquals(Sample::boil($plain)->liftAt, Sample::boil($both)->liftAt);
    }

    public function test_a_pot_the_kitchen_has_not_is_refused_by_name(): void
    {
        self::assertStringContainsString(
            'lid/pot: "cauldron" is not known; give one of iron-20, steel-24, aluminium-28, cooker.',
            Sample::refused(static fn () => Sample::plan(Sample::polo()->changed('lid/pot', 'cauldron'))),
        );
    }

    public function test_a_ring_of_a_step_the_kitchen_has_not_is_refused(): void
    {
        self::assertStringContainsString(
            'fillings/0/steps/0/burner: "ring-9" is not known',
            Sample::refused(
                static fn () => Sample::plan(Sample::polo()->changed('fillings/0/steps/0/burner', 'ring-9'))
            ),
        );
    }

    public function test_the_whole_plan_is_plain_data(): void
    {
        $plan = PlanJson::of(Sample::plan(), Sample::wording());
        $json = json_encode($plan, JSON_THROW_ON_ERROR);

        self::assertEquals($plan, json_decode($json, true));
        self::assertSame('2026-11-28T19:30:00+00:00', $plan['table_at']);
    }

    public function test_the_same_inputs_give_the_same_plan(): void
    {
        self::assertEquals(Sample::plan(), Sample::plan());
    }

    private static function biryani(): Dish
    {
        return Dish::fromArray([
            'format' => Dish::FORMAT, 'name' => 'Jackfruit biryani', 'school' => 'cooked-filling',
            'usual' => ['eaters' => 4],
            'rice' => ['lot' => 'brown-jar', 'soak' => ['minutes' => 0]],
            'water' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'stage' => 'thread'],
            'fillings' => [[
                'name' => 'jackfruit',
                'ready' => 1,
                'parts' => [['name' => 'jackfruit', 'kind' => 'root-vegetables', 'of_rice' => 1.1]],
            ]],
            'base' => ['kind' => 'none'],
            'layers' => [
                ['matter' => 'filling', 'share' => 0.5], ['matter' => 'rice', 'share' => 0.5],
                ['matter' => 'filling', 'share' => 0.5], ['matter' => 'rice', 'share' => 0.5],
            ],
            'lid' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'seal' => 'dough'],
        ], Sample::craft());
    }

    private static function clash(Plan $plan, Station $station): Clash
    {
        $clashes = $plan->clashesAt($station);
        self::assertNotSame([], $clashes, "a clash at {$station->value}");

        return $clashes[0];
    }
}
