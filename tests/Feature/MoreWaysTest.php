<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\OpenFile;
use App\Formats\RecipeJsonLd;
use App\Models\Kitchen;
use App\Wording\Wording;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Sample;

/**
 * Each way in which cooks mix the schools, as a document: it opens, is drawn, scaled, planned, sent out and read again.
 */
final class MoreWaysTest extends FeatureTestCase
{
    /** Those that come out right as they stand, for two; what the others lack is said. */
    private const RIGHT = [
        'beans-and-roots-in-the-boil', 'gravy-kept-for-the-table', 'left-in-its-water-flame-off',
        'made-before-in-steps',
        'measured-then-layered-and-sealed', 'raw-in-the-cooker-with-its-gravy', 'rice-alone-and-a-stew-on-a-platter',
        'saffron-butter-and-milk-poured-over', 'smoked-at-the-end', 'steamed-on-top-and-lifted-off',
        'two-fillings-half-below-half-above', 'in-the-oven-under-a-sheet-of-dough',
        'pressure-cooked-with-its-broth-measured-on',
    ];

    /** @return iterable<string, array{string}> */
    public static function ways(): iterable
    {
        foreach (glob(dirname(__DIR__).'/data/ways/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('ways')]
    public function test_it_goes_out_and_comes_back_and_is_drawn(string $file): void
    {
        $json = (string) file_get_contents($file);
        $this->post(route('dish.import'), ['document' => $json])->assertRedirect();
        $dish = \App\Models\Dish::query()->latest('id')->firstOrFail();

        $page = (string) $this->get(route('pot', $dish))->assertOk()->getContent();
        self::assertStringContainsString('class="drawing pot"', $page);
        self::assertLessThan(60_000, strlen($page));
        foreach (['water', 'filling', 'layers', 'lid', 'heat', 'serve'] as $station) {
            $this->get(route('pot.more', [$dish, $station]))->assertOk();
        }
        self::assertEquals(
            $dish->document, json_decode((string) $this->get(route('dish.export', $dish))->getContent(), true),
        );
        $recipe = json_decode((string) $this->get(route('dish.recipe', $dish))->getContent(), true);
        self::assertIsArray($recipe);
        $read = RecipeJsonLd::read($recipe, Cup::Metric);
        self::assertInstanceOf(CoreDish::class, $read);
        self::assertEquals($dish->document, $read->toArray());
        $this->get(route('dish.list', $dish))->assertOk();
    }

    #[DataProvider('ways')]
    public function test_it_scales_keeps_its_sums_and_is_right_or_says_what_it_lacks(string $file): void
    {
        $dish = OpenFile::dish((string) file_get_contents($file));
        $say = $this->app->make(Wording::class);
        foreach ([2, 9, 24] as $eaters) {
            $plan = Sample::plan($dish->changed('usual/eaters', $eaters), Kitchen::core());
            self::assertSums($plan);
            if ($plan->isRight()) {
                continue;
            }
            $says = [
                ...array_map(static fn ($clash): string => $say->text($clash->says), $plan->clashes),
                ...array_map(static fn ($fault): string => $say->text($fault->says()), $plan->faults()),
            ];
            self::assertNotSame([], array_filter($says), "{$eaters} eaters: not right, and nothing is said of it");
        }
        $isRight = Sample::plan($dish->changed('usual/eaters', 2), Kitchen::core())->isRight()
            || Sample::plan($dish, Kitchen::core())->isRight();
        self::assertSame(in_array(basename($file, '.json'), self::RIGHT, true), $isRight);
    }

    public function test_what_no_dish_can_be_names_field_value_and_cure(): void
    {
        $ways = static fn (string $name): CoreDish => OpenFile::dish(
            (string) file_get_contents(dirname(__DIR__)."/data/ways/{$name}.json"),
        );
        $gravy = $ways('gravy-kept-for-the-table');
        self::assertSame(
            'fillings/0/gravy/with_it: with it and for the rice add up to 1.4; let them add up to 1 at most, the rest is for the table.',
            Sample::refused(
                static fn () => $gravy->changed(
                    'fillings/0/gravy', ['ml_per_kg' => 300, 'with_it' => 0.8, 'for_rice' => 0.6],
                )
            ),
        );
        self::assertStringContainsString('extras/0/made: "charm" is not known; give one of nut-paste, sweet-peel', Sample::refused(
            static fn () => $gravy->changed('extras/0/made', 'charm'),
        ));
        $one = ['name' => 'Milk', 'ml_per_kg' => 50];
        self::assertStringContainsString('poured: 5 are too many; give 4 at most.', Sample::refused(
            static fn () => $gravy->changed('poured', [$one, $one, $one, $one, $one]),
        ));
        self::assertStringContainsString('is no rice cooker', Sample::refused(
            static fn () => Sample::plan(Sample::dish('chickpea-spinach-one-pot')->changed('cooking', 'in-cooker')),
        ));
    }

    private static function assertSums(Plan $plan): void
    {
        foreach ($plan->ingredients as $one) {
            self::assertGreaterThanOrEqual(0.0, $one->amount->amount, (string) $one->task);
            self::assertArrayHasKey($one->task, $plan->day->tasks, 'what is measured out has a task that takes it');
        }
        $raw = $plan->potted->raw;
        foreach ($plan->dish->fillings->all as $filling) {
            if ($filling->gravy === null) {
                continue;
            }
            $made = $filling->gravy->grams($filling->rawMass($raw));
            self::assertEqualsWithDelta(
                $made, ($filling->gravy->withIt + $filling->gravy->forRice + $filling->gravy->atTable()) * $made, 1e-6,
            );
        }
        $share = array_sum(
            array_map(static fn ($layer): float => $layer->mass->kg, $plan->potted->first()->section->layers)
        );
        self::assertGreaterThan(0.0, $share);
    }
}
