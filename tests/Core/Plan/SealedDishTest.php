<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Plan\Shopping\Shopping;
use Orbek\Core\Plan\Station;
use Orbek\Core\Plan\Work\Mise;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Measured rice, two pots, the water's balance, what is bought and put ready. */
final class SealedDishTest extends TestCase
{
    public function test_measured_rice_gets_what_it_takes_less_what_is_there(): void
    {
        $dish = Sample::dish('chickpea-spinach-one-pot');
        $plain = Sample::plan($dish)->measured();
        $wetter = Sample::plan($dish->changed('fillings/0/wetness', 'wet'))->measured();
        $broth = Sample::plan($dish->changed('water/broth_per_rice', 0))->measured();
        self::assertNotNull($plain);
        self::assertNotNull($wetter);
        self::assertNotNull($broth);

        self::assertLessThan($plain->water->amount, $wetter->water->amount);
        self::assertEqualsWithDelta($plain->water->amount, $broth->water->amount, 1e-6);
        self::assertEqualsWithDelta($plain->water->amount - 0.6 * 270, $plain->absorption->beside->amount, 0.5);
        self::assertSame($plain->salt->amount, $plain->saltKept->amount);
    }

    public function test_more_broth_than_it_takes_and_too_small_a_cooker_are_clashes(): void
    {
        $onePot = Sample::dish('chickpea-spinach-one-pot')->changed('water/broth_per_rice', 2.5);
        $clash = Sample::plan($onePot)->clashesAt(Station::Water)[0];
        self::assertStringContainsString('More broth than the rice takes', Sample::say($clash->says));
        self::assertSame(
            [],
            Sample::plan($onePot->changed($clash->mends[0]->path, $clash->mends[0]->value))->clashesAt(Station::Water),
        );

        $crowd = Sample::dish('mushroom-chestnut-rice')->changed('usual/eaters', 24);
        self::assertStringContainsString(
            'holds 3.0 L',
            Sample::say(Sample::plan($crowd)->clashesAt(Station::Water)[0]->says),
        );
    }

    public function test_a_dish_shared_between_two_pots_keeps_its_mass(): void
    {
        $one = Sample::plan(Sample::polo());
        $two = Sample::plan(
            Sample::polo()->changed('lid/pot', 'steel-24')->changed(
                'lid/second',
                ['pot' => 'iron-20', 'burner' => 'ring-1'],
            ),
        );
        $second = $two->potted->second() ?? self::fail('it has a second pot');
        $rice = static fn ($section): float => array_sum(
            array_map(
                static fn ($layer): float => $layer->matter->value === 'crust' ? 0.0 : $layer->mass->inGrams(),
                $section->layers,
            ),
        );

        self::assertEqualsWithDelta(
            $rice($one->potted->first()->section),
            $rice($two->potted->first()->section) + $rice($second->section),
            0.5,
        );
        self::assertSame([], $two->clashesAt(Station::Layers));
        self::assertArrayHasKey('second-1', $two->day->schedule->tasks);
        self::assertStringContainsString(
            'cannot be the second pot',
            Sample::refused(
                static fn () => Sample::plan(
                    Sample::polo()->changed('lid/second', ['pot' => 'aluminium-28', 'burner' => 'ring-1']),
                ),
            ),
        );
    }

    public function test_the_balance_says_dry_right_or_wet_and_its_mends_lead_back(): void
    {
        $lentil = Sample::dish('lentil-date-walnut-polo');
        self::assertTrue(Sample::plan($lentil)->balance()?->isRight());

        $drowned = Sample::dish('jackfruit-cashew-biryani')->changed(
            'lid/sprinkled_ml_per_kg',
            500,
        )->changed('lid/seal', 'dough')->changed('fillings/0/wetness', 'soupy');
        $soaked = Sample::plan($drowned)->balance();
        self::assertNotNull($soaked);
        self::assertStringContainsString('wet', Sample::say($soaked->word()));
        self::assertNotSame([], $soaked->mends);
        $mended = $drowned;
        foreach ($soaked->mends as $mend) {
            $mended = $mended->changed($mend->path, $mend->value);
        }
        self::assertLessThan($soaked->uptake, Sample::plan($mended)->balance()->uptake ?? INF);
    }

    public function test_every_school_starts_cooks_to_its_end_and_closes(): void
    {
        foreach (Sample::craft()->schools->all as $school) {
            $plan = Sample::plan(Sample::first($school));
            self::assertSame([], $plan->clashes, $school->id);
            $course = $plan->course();
            self::assertNotNull($course, $school->id);
            self::assertEqualsWithDelta(0.0, $course->toArray(false)['balance']['water_g'], 0.1, $school->id);
            foreach ($course->riceLayers() as $layer) {
                self::assertGreaterThan(0.9, $layer->doneness, $school->id);
            }
        }
    }

    public function test_the_shopping_list_adds_up_counts_what_is_lost_and_leaves_out_what_is_there(): void
    {
        $plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $things = array_merge(...array_values(Shopping::of($plan)));
        $byName = array_column($things, 'amount', 'shop');

        self::assertEqualsWithDelta(0.15 * $plan->totals->rice()->amount / 0.275, $byName['raw-onion']->amount, 0.01);
        self::assertArrayNotHasKey('salt', $byName, 'the pantry has it');
        self::assertArrayNotHasKey('water to boil in', $byName);
        self::assertArrayHasKey('flour', $byName);
        $without = Sample::plan(Sample::dish('turkey-plum-biryani'), Sample::kitchen(['pantry' => []]));
        self::assertArrayHasKey(
            'salt',
            array_column(array_merge(...array_values(Shopping::of($without))), 'amount', 'shop'),
        );
    }

    public function test_everything_measured_out_is_put_ready_for_a_task_that_is_there(): void
    {
        foreach (
            [
                'turkey-plum-biryani', 'sour-cherry-polo', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice',
                'yesterdays-squash-curry', 'trout-fenugreek-polo',
            ] as $name
        ) {
            $plan = Sample::plan(Sample::dish($name));
            $ready = array_sum(array_map(static fn (Mise $entry): int => count($entry->things), Mise::of($plan)));
            self::assertSame(count($plan->ingredients), $ready, $name);
        }
    }

    public function test_fried_onion_for_the_marinade_is_fried_before_it(): void
    {
        $plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $onion = array_key_first(
            array_filter($plan->day->tasks, static fn ($work): bool => Sample::say($work->name) === 'Fried onion'),
        );

        self::assertNotNull($onion);
        self::assertLessThanOrEqual($plan->day->schedule->start('marinade'), $plan->day->schedule->end($onion));
    }

    public function test_the_dough_rope_is_a_rope(): void
    {
        $dough = array_values(
            array_filter(
                Sample::plan(Sample::dish('turkey-plum-biryani'))->ingredients,
                static fn ($i): bool => $i->shop === 'flour',
            ),
        )[0];
        // π · 26 cm of a rope 1.5 cm thick.
        self::assertEqualsWithDelta(M_PI * 26 * M_PI * 0.75 ** 2 * 1.24, $dough->amount->amount, 2.0);
    }
}
