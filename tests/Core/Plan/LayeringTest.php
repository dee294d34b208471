<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\Layering;
use Orbek\Core\Plan\Work\LayeringRow;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** The pot filled from the base up: every thing once, in order, with its amount. */
final class LayeringTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function dishes(): array
    {
        $names = [];
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $file) {
            $name = basename($file, '.json');
            if (! in_array($name, ['kitchen', 'meals'], true) && str_contains((string) file_get_contents($file), 'orbek-dish')) {
                $names[$name] = [$name];
            }
        }

        return $names;
    }

    #[DataProvider('dishes')]
    public function test_all_that_goes_in_is_told_once_from_the_base_up(string $name): void
    {
        $plan = Sample::plan(Sample::dish($name));
        if (! Layering::isLed($plan)) {
            self::assertTrue($plan->dish->grain->cooking->isWithFilling() || $plan->dish->build->folded);

            return;
        }
        $load = $plan->potted->first();
        $rows = Layering::of($plan, $load);
        $layers = array_values(array_filter(array_map(
            static fn (LayeringRow $row): ?int => $row->layer, $rows,
        ), static fn (?int $at): bool => $at !== null));
        self::assertSame(array_keys($load->section->layers), $layers, 'each layer, from the base up');
        $told = array_sum(array_map(static fn (LayeringRow $row): float => $row->layer === null || ! $row->amount instanceof Quantity
            ? 0.0 : $row->amount->amount, $rows));
        $mass = array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $load->section->layers));
        self::assertEqualsWithDelta($mass, $told, 0.01 * $mass);
        foreach ($plan->dish->build->extras as $extra) {
            $isOn = $extra->split['layers'] > 0 && ! $extra->isSteamed && $extra->made?->isLiftedOut !== true;
            $isForHoles = $extra->kind === ExtraKind::Fat && $plan->dish->build->steamHoles > 0;
            foreach ($rows as $row) {
                $isRice = $row->layer !== null && $load->section->layers[$row->layer]->matter === Matter::Rice;
                $says = implode('; ', array_map(static fn (Note $on): string => Sample::say($on), $row->on));
                self::assertSame($isOn && $isRice && ! $isForHoles, str_contains($says, $extra->name.' '), $extra->name);
            }
            $holes = array_filter($rows, static fn (LayeringRow $row): bool => $row->says->key === 'layering.holes'
                && str_contains(Sample::say($row->says), $extra->name));
            self::assertCount((int) ($isOn && $isForHoles), $holes, $extra->name);
        }
        self::assertSame($plan->dish->lid->seal->name, Sample::say($rows[count($rows) - 1]->says), 'closed at the end');
    }

    public function test_what_is_poured_or_laid_in_cold_is_told_and_gravy_that_is_parted_stays_out(): void
    {
        $says = static fn (Plan $plan): array => array_map(
            static fn (LayeringRow $row): string => Sample::say($row->says), Layering::of($plan, $plan->potted->first()),
        );
        $biryani = Sample::dish('turkey-plum-biryani')->changed('poured', [
            ['name' => 'saffron milk', 'ml_per_kg' => 60], ['name' => 'rose syrup', 'ml_per_kg' => 20, 'after' => true],
        ]);
        $told = $says(Sample::plan($biryani));
        self::assertSame('fat for the base', $told[0], 'no base is laid, so that its fat goes in cold');
        self::assertContains('saffron milk', $told);
        self::assertNotContains('rose syrup', $told, 'that is poured when it is opened');
        $crafts = static fn (Plan $plan): string => implode('; ', array_map(static fn (Note $on): string => Sample::say($on), array_merge(
            ...array_map(static fn (LayeringRow $row): array => $row->on, Layering::of($plan, $plan->potted->first())),
        )));
        self::assertStringNotContainsString('not its gravy', $crafts(Sample::plan(Sample::polo())));
        $parted = Sample::polo()->changed('fillings/0/gravy', ['ml_per_kg' => 400, 'with_it' => 0.2, 'for_rice' => 0]);
        self::assertStringContainsString('not its gravy; clear of the wall', $crafts(Sample::plan($parted)));
        // A second pot has its own share and no fat of the first.
        $two = Sample::plan(Sample::polo()->changed('lid/second', ['pot' => 'steel-24', 'burner' => 'ring-1']));
        self::assertCount(2, $two->potted->loads);
        foreach ($two->potted->loads as $load) {
            $grams = array_sum(array_map(
                static fn (LayeringRow $row): float => $row->layer !== null && $row->amount instanceof Quantity ? $row->amount->amount : 0.0,
                Layering::of($two, $load),
            ));
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn (Layer $layer): float => $layer->mass->inGrams(), $load->section->layers)), $grams, 1.0,
            );
        }
    }
}
