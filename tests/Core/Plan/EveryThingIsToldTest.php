<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Layering;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Plan\Work\WorkKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Each thing of a dish is told at the step where it goes in, once, and all of it together is what was bought. */
final class EveryThingIsToldTest extends TestCase
{
    /** @return iterable<string, array{Dish}> each demo dish, and the same for many: in batches and in two pots */
    public static function dishes(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $file) {
            $name = basename($file, '.json');
            if ($name !== 'kitchen') {
                yield $name => [Sample::dish($name)];
                yield "{$name} for 26" => [Sample::dish($name)->changed('usual/eaters', 26)];
            }
        }
    }

    #[DataProvider('dishes')]
    public function test_what_is_told_at_the_steps_is_what_is_on_the_list(Dish $dish): void
    {
        try {
            $plan = Sample::plan($dish);
        } catch (Refused $refused) {
            self::markTestSkipped(Sample::say($refused->why));
        }
        $list = $told = [];
        foreach ($plan->ingredients as $one) {
            $list[$one->toldName().$one->shop] = ($list[$one->toldName().$one->shop] ?? 0.0) + $one->amount->amount;
        }
        foreach (array_keys($plan->day->tasks) as $id) {
            foreach (Mise::at($plan, $id) as $one) {
                $told[$one->toldName().$one->shop] = ($told[$one->toldName().$one->shop] ?? 0.0) + $one->amount->amount;
            }
        }
        self::assertEqualsWithDelta($list, $told, 1e-6, 'each at a step that there is, none twice');
        $this->assertWhatIsGotReadyIsBroughtWhereItGoesIn($plan);
    }

    private function assertWhatIsGotReadyIsBroughtWhereItGoesIn(Plan $plan): void
    {
        foreach ($plan->ingredients as $one) {
            if ($one->usedAt === null) {
                continue;
            }
            $at = $plan->day->tasks[$one->usedAt] ?? self::fail("{$one->usedAt} is a task");
            self::assertGreaterThanOrEqual(
                $plan->day->schedule->end($one->task), $plan->day->schedule->start($one->usedAt), 'ready before it goes in',
            );
            if ($at->kind === WorkKind::Layer) {
                $this->assertLiesInThePot($plan, $one);
            } else {
                self::assertContains($one, Mise::broughtTo($plan, $one->usedAt));
            }
        }
    }

    /** What is shared out over the layers of rice adds up to what was got ready. */
    private function assertLiesInThePot(Plan $plan, Ingredient $one): void
    {
        $extra = $one->name->args['extra'] ?? $one->toldName();
        $name = is_string($extra) ? $extra : '';
        $grams = 0.0;
        foreach ($plan->potted->loads as $load) {
            foreach (Layering::of($plan, $load) as $row) {
                foreach ($row->on as $on) {
                    $amount = $on->args['amount'] ?? null;
                    $drops = $on->args['drops'] ?? 0;
                    $grams += ($on->args['extra'] ?? null) !== $name ? 0.0
                        : ($amount instanceof Quantity ? $amount->amount : (float) (is_numeric($drops) ? $drops : 0));
                }
                $grams += $row->amount !== null && str_contains(Sample::say($row->says), $name)
                    ? $row->amount->amount : 0.0;
            }
        }
        self::assertEqualsWithDelta(1.0, $grams / $one->amount->amount, 0.01, $name);
    }

    public function test_a_batch_says_its_own_rice_and_what_is_boiled_with_it(): void
    {
        $plan = Sample::plan(Sample::dish('bean-dill-polo')->changed('usual/eaters', 36));
        $batches = $plan->boil()->batches ?? 1;
        self::assertGreaterThan(1, $batches);
        $rice = $beans = 0.0;
        for ($batch = 0; $batch < $batches; $batch++) {
            $at = WorkKind::Boil->id($batch);
            [$mine] = Mise::broughtTo($plan, $at);
            $rice += $mine->amount->amount;
            foreach (Mise::at($plan, $at) as $one) {
                $beans += $one->shop === 'broad beans, shelled' ? $one->amount->amount : 0.0;
            }
            self::assertCount(2, Mise::at($plan, $at), 'beans and dill');
        }

        self::assertEqualsWithDelta($plan->potted->raw->inGrams(), $rice, 1e-6);
        self::assertEqualsWithDelta(0.6 * $plan->potted->raw->inGrams(), $beans, 1e-6);
        self::assertStringContainsString('of what was soaked', Sample::say(Mise::broughtTo($plan, 'boil-2')[0]->name));
        self::assertSame([], Mise::broughtTo(Sample::plan(Sample::dish('bean-dill-polo')), 'boil'), 'one boil has all of it');
    }
}
