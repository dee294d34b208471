<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\FromRecipe;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\RecipeMethod;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeReader;
use Orbek\Core\Dish\RecipeStep;
use Orbek\Core\Dish\Step;
use Orbek\Core\Dish\StepGoes;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Shopping\Ingredient;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What a recipe says is done is what is planned: its sentences are the work, and meat is cooked whoever wrote it. */
final class RecipeWorkTest extends TestCase
{
    public function test_each_sentence_goes_where_it_belongs(): void
    {
        $goes = static fn (string ...$sentences): array => array_map(
            static fn (StepGoes $one): string => $one->value, RecipeMethod::places(array_map(
                static fn (string $one): RecipeStep => RecipeStep::read($one) ?? new RecipeStep($one, null, null, null),
                array_values($sentences),
            )),
        );

        self::assertSame(
            ['soak', 'boil', 'boil', 'filling', 'layers', 'heat', 'heat', 'rest', 'serve'],
            $goes(
                'Rinse the rice and soak it for an hour.', 'Bring a large pan of salted water to the boil.',
                'Boil the rice 6 minutes and drain.', 'Brown the lamb for 10 minutes.',
                'Layer lamb and rice in the pot.', 'Cover and steam 10 minutes on high heat.', '40 minutes low.',
                'Let it rest for 10 minutes.', 'Turn it out and serve.',
            ),
        );
        self::assertSame(
            ['marinade', 'topping', 'filling', 'heat'],
            $goes(
                'Marinate the chicken overnight.', 'Soak the saffron in 2 tbsp warm water.',
                'Fry the onions until golden, then the chicken 10 minutes.',
                'Add the rice and water, cover and cook on low for 18 minutes.',
            ),
        );
        self::assertSame(['filling', 'filling'], $goes('Simmer on a low heat for 40 minutes.', 'Cook on low 10 min.'));
    }

    public function test_a_sentence_becomes_a_step_with_its_minutes_its_look_and_what_goes_in(): void
    {
        $steps = self::filling('chatty-egg')->steps;

        self::assertSame(
            ['Boil the eggs, peel them and prick them with a fork', 'Fry the onions in plenty of oil',
                'Add paste, tomatoes and powders and cook on a medium heat'],
            array_map(static fn (Step $one): string => $one->name, $steps),
        );
        self::assertSame([[null, 8, null], [14, 20, 30], [8, 9, 10]], array_map(
            static fn (Step $one): array => [$one->leastMin, $one->minutes, $one->mostMin], $steps,
        ));
        self::assertSame([null, 'deep brown', 'the oil comes out'], array_column($steps, 'till'));
        self::assertSame(
            [['eggs'], ['onions'], ['tomatoes', 'ginger-garlic paste', 'chilli powder']], array_column($steps, 'with'),
        );
        $keema = self::filling('dotted-keema')->steps;
        self::assertSame('Add the mince, paste and chilli, cook on a high flame, stirring', $keema[1]->name);
        self::assertSame(['Minced mutton', 'Ginger-garlic paste', 'Chilli powder'], $keema[1]->with);
        self::assertTrue(self::filling('gran')->steps[2]->underPressure);
    }

    public function test_what_is_said_of_rice_and_heat_is_kept_beside_what_is_found(): void
    {
        $dish = self::dish('papaya-kacchi');

        self::assertSame([4.0, 5.0], $dish->told?->boilMin);
        self::assertSame(
            [['high', [15.0, 15.0]], ['low', [45.0, 45.0]]],
            array_map(static fn (array $one): array => [$one['heat'], $one['minutes']], $dish->told->heats),
        );
        self::assertSame([15.0, 15.0], $dish->told->restMin);
        self::assertSame([540, 'dough', 30], [
            $dish->fillings->get(0)->marinade?->minutes, $dish->lid->seal->id,
            (int) $dish->grain->rice->soak->minutes,
        ]);
        self::assertSame(0.0, $dish->fillings->get(0)->ready, 'raw, as its recipe has it');
        self::assertSame(120, (int) self::dish('persian-cherry')->grain->rice->soak->minutes, 'or overnight is the least');
        self::assertNull(self::dish('headings')->lid->heat[0] ?? null, 'the heat is found for this kitchen');
    }

    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        $folder = dirname(__DIR__, 2).'/data/recipes/';
        foreach ([...glob("{$folder}*.txt") ?: [], ...glob("{$folder}more/*.txt") ?: []] as $file) {
            $name = substr($file, strlen($folder), -strlen('.txt'));
            yield $name => [$name];
        }
    }

    #[DataProvider('texts')]
    public function test_no_recipe_brings_raw_meat_to_the_table_or_other_rice_than_it_has(string $text): void
    {
        $read = self::read($text);
        $dish = self::dish($text);
        $plan = Planner::in(
            Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW), Sample::oneLine(),
        )->plan($dish);
        $filling = $dish->fillings->get(0);
        $rice = array_sum(array_map(
            static fn (RecipeLine $one): float => $one->role === RecipeLine::RICE ? (float) $one->grams : 0.0, $read->lines,
        ));

        self::assertEqualsWithDelta($rice, $plan->potted->raw->inGrams(), 1.0, 'as much rice as it has');
        foreach ($filling->parts as $part) {
            if ($part->kind->wantsCooking() && $filling->ready >= Filling::RAW) {
                $from = array_key_first(array_filter($filling->steps, static fn (Step $step): bool => $step->takes(
                    $part->name,
                ) || $step->of === $part->kind->id));
                self::assertNotNull($from, "{$part->name} is in no step");
                self::assertNotSame([], array_filter(
                    array_slice($filling->steps, $from), static fn (Step $step): bool => $step->ring !== null,
                ), "{$part->name} is cooked");
            }
            self::assertArrayHasKey(self::told($plan, $part)->task, $plan->day->tasks);
        }
        $names = array_map(static fn (Ingredient $one): string => $one->toldName(), $plan->ingredients);
        foreach ($read->lines as $line) {
            if ($line->isUnderstood() && str_starts_with($line->role, 'extra:')) {
                self::assertContains(mb_substr($line->of, 0, 80), $names, 'measured out');
            }
        }
    }

    public function test_onion_and_tomato_come_before_what_they_are_the_gravy_of(): void
    {
        $lines = [];
        foreach (['500 g basmati rice', '800 g lamb shoulder', '200 g onions', '150 g tomatoes'] as $text) {
            $line = RecipeLine::read($text, Cup::Metric, Sample::craft()->foods);
            $lines[] = ['of' => $line->of, 'role' => $line->role, 'grams' => (float) $line->grams];
        }
        $document = FromRecipe::document(
            Sample::craft()->schools->get('cooked-filling', 'school'), Sample::kitchen(), Sample::craft(), 'Lamb', 4, $lines,
        );
        $filling = Dish::fromArray($document, Sample::craft())->fillings->get(0);

        self::assertSame(['onion', 'tomato', 'lamb-cubes', 'lamb-cubes'], array_column($filling->steps, 'of'));
        self::assertSame('golden', $filling->steps[0]->till);
        self::assertSame(
            [null, Tasting::Gravy, null, Tasting::Gravy],
            array_map(static fn (Step $one): ?Tasting => $one->tastes, $filling->steps),
        );
        foreach ($filling->steps as $step) {
            self::assertLessThan($step->minutes, $step->leastMin);
            self::assertGreaterThan($step->minutes, $step->mostMin);
        }
    }

    private static function told(Plan $plan, FillingPart $part): Ingredient
    {
        foreach ($plan->ingredients as $one) {
            if ($one->toldName() === $part->name || ($one->name->args['part'] ?? null) === $part->name) {
                return $one;
            }
        }
        self::fail("{$part->name} is measured out nowhere");
    }

    private static function filling(string $text): Filling
    {
        return self::dish($text)->fillings->get(0);
    }

    private static function read(string $text): RecipeRead
    {
        $file = dirname(__DIR__, 2)."/data/recipes/{$text}.txt";

        return RecipeReader::read((string) file_get_contents($file), Cup::Metric, Sample::craft()->foods);
    }

    private static function dish(string $text): Dish
    {
        $read = self::read($text);
        $places = RecipeMethod::places($read->steps);
        $method = array_map(
            static fn (RecipeStep $step, StepGoes $goes): array => ['step' => $step, 'goes' => $goes], $read->steps, $places,
        );
        $lines = array_map(static fn (RecipeLine $line): array => [
            'of' => $line->of, 'text' => $line->text, 'for' => $line->for, 'grams' => (float) $line->grams,
            'piece_g' => $line->pieceG(),
            'role' => $line->isUnderstood() ? $line->role : RecipeLine::NOWHERE,
        ], $read->lines);

        return Dish::fromArray(FromRecipe::document(
            Sample::craft()->schools->get($read->school, 'school'), Sample::kitchen(), Sample::craft(), $read->name === '' ? 'a recipe' : $read->name,
            $read->eaters, $lines, $method,
        ), Sample::craft());
    }
}
