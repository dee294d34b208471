<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\FromRecipe;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Measure\Cup;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class RecipeTest extends TestCase
{
    public function test_lines_are_read_as_far_as_they_can_be(): void
    {
        $read = array_map(
            static fn (string $line): array => [
                RecipeLine::read($line, Cup::Metric)->role,
                RecipeLine::read($line, Cup::Metric)->grams,
                RecipeLine::read($line, Cup::Metric)->isUnderstood(),
            ],
            [
                '500 g basmati rice', '2 cups rice', '1 kg chicken thighs', '4 eggs', '1 tbsp ghee', '1 cup buttermilk',
                '3 star anise', 'salt to taste', '500 g rainbow beads', '2 tbsp rice vinegar',
            ],
        );

        self::assertSame(['rice', 500.0, true], $read[0]);
        self::assertEqualsWithDelta(420.0, $read[1][1], 1e-6);
        self::assertSame(['part:chicken-thigh', 1000.0, true], $read[2]);
        self::assertSame(['part:egg', 200.0, true], $read[3]);
        self::assertSame('extra:fat', $read[4][0]);
        self::assertEqualsWithDelta(13.8, $read[4][1], 1e-6);
        foreach ([6, 7, 8, 9] as $index) {
            self::assertFalse($read[$index][2], "line {$index} is left to the cook");
        }
    }

    public function test_chosen_lines_become_a_dish_in_their_proportions(): void
    {
        $document = FromRecipe::document(
            Sample::craft()->schools->get('cooked-filling', 'school'), Sample::kitchen(), 'From afar', 6,
            [
                ['of' => 'basmati rice', 'role' => 'rice', 'grams' => 600],
                ['of' => 'lamb', 'role' => 'part:lamb-cubes', 'grams' => 900],
                ['of' => 'saffron', 'role' => 'extra:saffron', 'grams' => 0.6],
                ['of' => 'beads', 'role' => 'nowhere', 'grams' => 0],
            ],
        );
        $dish = Dish::fromArray($document, Sample::craft());

        self::assertSame(['From afar', 6], [$dish->name, $dish->table->eaters]);
        self::assertEqualsWithDelta(1.5, $dish->fillings->get(0)->parts[0]->ofRice, 1e-6);
        self::assertEqualsWithDelta(1.0, $dish->extras[0]->perKgRice, 1e-6);
        self::assertSame([], Sample::plan($dish)->clashes);
    }

    public function test_without_rice_it_is_no_dish(): void
    {
        self::assertStringContainsString(
            'lines: none is the rice;',
            Sample::refused(
                static fn () => FromRecipe::document(
                    Sample::craft()->schools->get('cooked-filling', 'school'), Sample::kitchen(), 'From afar', 6,
                    [['of' => 'lamb', 'role' => 'part:lamb-cubes', 'grams' => 900]],
                ),
            ),
        );
    }
}
