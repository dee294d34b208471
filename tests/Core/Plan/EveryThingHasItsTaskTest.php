<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\ExtraKind;
use Orbek\Core\Dish\School;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Pot\BaseKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Whatever is measured out is put ready for a task that the plan has. */
final class EveryThingHasItsTaskTest extends TestCase
{
    /** @return iterable<string, array{School}> */
    public static function schools(): iterable
    {
        foreach (Sample::craft()->schools->all as $school) {
            yield $school->id => [$school];
        }
    }

    #[DataProvider('schools')]
    public function test_with_every_base_marinade_and_topping(School $school): void
    {
        $dish = Sample::first($school);
        $planner = Planner::in(
            Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW), Sample::oneLine(),
        );
        $marinades = [
            null, ['minutes' => 40, 'acid' => 'mild', 'yogurt' => 'morning'],
            ['minutes' => 600, 'acid' => 'mild', 'yogurt' => 'morning', 'papaya_percent' => 1],
            ['minutes' => 200, 'acid' => 'none', 'yogurt' => 'now'],
        ];
        foreach (Sample::craft()->bases->all as $base) {
            foreach ($marinades as $marinade) {
                foreach ([$dish->toArray()['fillings'][0]['steps'] ?? [], []] as $steps) {
                    $plan = $planner->plan(self::with($dish, $base, $marinade, $steps));
                    self::assertAllHaveATask($plan, "{$school->id}, {$base->id}, ".json_encode($marinade));
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>|null  $marinade
     */
    private static function with(Dish $dish, BaseKind $base, ?array $marinade, mixed $steps): Dish
    {
        $document = $dish->toArray();
        $document['base'] = ['kind' => $base->id, 'fat_ml_per_cm2' => 0.07] + (
            $base->takesRice ? ['rice_share' => 0.2] : []
        );
        $share = $base->takesRice ? 0.8 : 1.0;
        $document['layers'] = [['matter' => 'rice', 'share' => $share], ['matter' => 'filling', 'share' => 1]];
        $document['fillings'][0] = ['steps' => $steps] + (
            is_array($document['fillings'][0]) ? $document['fillings'][0] : []
        );
        unset($document['fillings'][0]['marinade']);
        if ($marinade !== null) {
            $document['fillings'][0]['marinade'] = $marinade;
        }
        $document['extras'] = array_map(
            static fn (ExtraKind $kind): array => [
                'name' => "a {$kind->value}",
                'kind' => $kind->value,
                'split' => ['marinade' => 0.4, 'layers' => 0.3, 'top' => 0.3],
            ] + ($kind === ExtraKind::Essence ? ['drops_per_kg_rice' => 6] : ['g_per_kg_rice' => 40]),
            ExtraKind::cases(),
        );

        return Dish::fromArray($document, Sample::craft());
    }

    private static function assertAllHaveATask(Plan $plan, string $which): void
    {
        foreach ($plan->ingredients as $ingredient) {
            self::assertArrayHasKey(
                $ingredient->task,
                $plan->day->schedule->tasks,
                "{$which}: ".Sample::say($ingredient->name),
            );
        }
        $listed = array_merge(...array_map(static fn (Mise $entry): array => $entry->things, Mise::of($plan)));
        self::assertCount(
            count($plan->ingredients),
            $listed,
            "{$which}: all of it is on the list of what to put ready",
        );
    }
}
