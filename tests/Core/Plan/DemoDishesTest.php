<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use App\Formats\PlanJson;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Section;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Each dish of the sample kitchen, from two eaters to twenty-four. */
final class DemoDishesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function dishes(): iterable
    {
        foreach (
            [
                'sour-cherry-polo', 'turkey-plum-biryani', 'lentil-date-walnut-polo', 'trout-fenugreek-polo',
                'jackfruit-cashew-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice',
                'yesterdays-squash-curry', 'plain-chelow', 'bean-dill-polo', 'prawn-share-rice',
            ] as $name
        ) {
            yield $name => [$name];
        }
    }

    #[DataProvider('dishes')]
    public function test_its_sums_hold_nothing_is_negative_and_headspace_is_told_truly(string $name): void
    {
        $dish = Sample::dish($name);
        $before = null;
        for ($eaters = 2; $eaters <= 24; $eaters += 2) {
            $plan = Sample::plan($dish->changed('usual/children', 0)->changed('usual/eaters', $eaters));
            $this->sumsHold($plan, "{$name} for {$eaters}");
            if ($before !== null) {
                self::assertGreaterThan($before->totals->rice()->amount, $plan->totals->rice()->amount);
                self::assertGreaterThan($before->totals->weight()->amount, $plan->totals->weight()->amount);
            }
            $before = $plan;
        }
    }

    #[DataProvider('dishes')]
    public function test_scaled_up_and_back_it_is_the_same_dish(string $name): void
    {
        $dish = Sample::dish($name);
        $there = $dish->changed('usual/eaters', 24);

        self::assertEquals(
            PlanJson::of(Sample::plan($dish), Sample::wording()),
            PlanJson::of(Sample::plan($there->changed('usual/eaters', $dish->table->eaters)), Sample::wording()),
        );
    }

    #[DataProvider('dishes')]
    public function test_as_shipped_it_has_no_clash(string $name): void
    {
        self::assertSame([], Sample::plan(Sample::dish($name))->clashes);
    }

    private function sumsHold(Plan $plan, string $which): void
    {
        $height = 0.0;
        $mass = 0.0;
        foreach ($plan->potted->first()->section->layers as $index => $layer) {
            self::assertGreaterThan(0, $layer->mass->kg, $which);
            self::assertGreaterThan($height, $plan->potted->first()->section->topsCm[$index], $which);
            $height = $plan->potted->first()->section->topsCm[$index];
            $mass += $layer->mass->inGrams();
        }
        self::assertEqualsWithDelta($mass, $plan->totals->weight()->amount, 1e-6, $which);
        self::assertEqualsWithDelta($plan->pot()->heightCm() - $height, $plan->totals->free()->amount, 1e-9, $which);
        self::assertSame(
            $plan->totals->free()->amount < Section::FREE_CM - 0.05,
            $plan->clashesAt(Station::Layers) !== [],
            "{$which}: the clash says what the figure says",
        );

        $cooking = $plan->boil() === null
            ? []
            : [$plan->boil()->saltKept, $plan->boil()->tau, $plan->boil()->backAtBoil];
        foreach (
            [
                ...array_map(static fn ($ingredient): Figure => $ingredient->amount, $plan->ingredients),
                ...$cooking,
            ] as $figure
        ) {
            self::assertGreaterThan(0, $figure->amount, $which);
        }
        if ($plan->boil() !== null) {
            $share = array_sum(array_map(static fn ($lift): float => $lift->share, $plan->boil()->lifts));
            self::assertEqualsWithDelta(1.0, $share, 0.005, $which);
        }
        foreach ($plan->day->schedule->tasks as $id => $task) {
            self::assertLessThanOrEqual(0, $plan->day->schedule->end($id), $which);
        }
    }
}
