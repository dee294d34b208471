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
                RecipeLine::read($line, Cup::Metric, Sample::craft()->foods)->role,
                RecipeLine::read($line, Cup::Metric, Sample::craft()->foods)->grams,
                RecipeLine::read($line, Cup::Metric, Sample::craft()->foods)->isUnderstood(),
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
        self::assertEqualsWithDelta(13.65, $read[4][1], 1e-6);
        foreach ([7, 8, 9] as $index) {
            self::assertFalse($read[$index][2], "line {$index} is left to the cook");
        }
    }

    /**
     * Lines of many habits: nine of ten are read right, and what is not says so.
     *
     * @return list<array{string, string|null, float|null}> the line, its food, g; null where it is left to the cook
     */
    private static function lines(): array
    {
        return [
            ['a pinch of saffron', 'saffron threads', 0.1], ['200 ml plain yoghurt', 'plain yoghurt', 208],
            ['1 handful mint', 'mint leaves', 10], ['400 g pumpkin', 'pumpkin', 400],
            ['1/2 tsp turmeric', 'turmeric', 1.25],
            ['salt to taste', 'coarse salt', null], ['1 1/2 cups basmati rice', 'basmati rice', 315],
            ['two tins chickpeas, drained', 'chickpeas', 480],
            ['2 x 400 g tins chopped tomatoes', 'plum tomatoes', 800],
            ['1 (400 g) tin chickpeas', 'chickpeas', 400], ['2-3 onions, finely sliced', 'red onions', 275],
            ['1 to 2 tbsp ghee', 'ghee', 20.475], ['½ bunch coriander, chopped', 'coriander leaves', 15],
            ['3 cloves garlic', 'garlic cloves', 15], ['4 cloves', 'whole cloves', 0.4],
            ['4 garlic cloves, crushed', 'garlic cloves', 20],
            ['juice of 1 lemon', 'lemon juice', 45], ['zest of 2 oranges', 'orange peel', 40],
            ['1 kg lamb shoulder, cut in 3 cm cubes', 'lamb shoulder', 1000],
            ['500g/1lb 2oz chicken thighs', 'chicken thigh', 500],
            ['1 lb ground beef', 'minced lamb', 453.6], ['8 oz mushrooms', 'mushrooms', 226.8],
            ['1 large onion', 'red onions', 110],
            ['2 heaped tsp ground cumin', 'ground cumin', 4.5], ['1 tbsp. tomato purée', 'tomato paste', 16.5],
            ['1 cinnamon stick', 'cinnamon sticks', 4], ['6 green cardamom pods', 'cardamom pods', 1.2],
            ['2 bay leaves', 'bay leaves', 0.4],
            ['1 star anise', 'star anise', 1], ['a large handful of spinach', 'spinach', 30],
            ['1 bunch dill', 'dill', 25],
            ['50 g barberries, rinsed', 'barberries', 50], ['1 cup raisins', 'raisins', 155],
            ['75g unsalted butter', 'unsalted butter', 75],
            ['3 tablespoons vegetable oil', 'olive oil', 41.2], ['oil for frying', 'olive oil', null],
            ['6 eggs', 'hard-boiled egg', 300],
            ['1 inch fresh ginger, grated', 'ginger root', 12], ['2 green chillies, slit', 'green chillies', 16],
            ['1 dl milk', 'whole milk', 103], ['1 litre water', 'hot water', 1000],
            ['2 tbsp (30 ml) rose water', 'rose water', 30],
            ['about 300 g carrots', 'carrots', 300], ['1,5 kg potatoes', 'potatoes', 1500],
            ['half a cup of lentils', 'red lentils', 100],
            ['half an onion', 'red onions', 55], ['a dozen prawns', 'prawns', 144],
            ['one aubergine', 'aubergines', 280],
            ['- 250 g paneer, cubed', 'paneer', 250], ['• 2 tsp garam masala', 'garam masala', 4.5],
            ['1 tsp kasuri methi', 'dried fenugreek', 0.5],
            ['1 tin coconut milk', 'coconut milk', 400], ['30 g flaked almonds, toasted', 'almonds', 30],
            ['1 knob butter', 'unsalted butter', 15],
            ['2 sprigs thyme', 'thyme', 2], ['black pepper', 'black pepper', null],
            ['1 tsp cumin seeds', 'cumin seeds', 2.25],
            ['5 dried limes, pierced', 'dried limes', 35], ['150 g split peas, soaked', 'split peas', 150],
            ['1 quince, in wedges', 'quinces', 250], ['2 medium carrots', 'carrots', 160],
            ['1 stick celery', 'celery', 50],
            ['a few strands of saffron', 'saffron threads', null], ['1 pot (150 g) Greek yogurt', 'plain yoghurt', 150],
            ['2 turkey legs', 'turkey thigh', null], ['400 ml hot chicken stock', 'chicken stock', 400],
            ['3/4 cup frozen peas', 'green peas', 122],
        ];
    }

    public function test_nine_of_ten_lines_are_read_right_and_none_wrong_in_silence(): void
    {
        $right = 0;
        $wrong = [];
        foreach (self::lines() as [$text, $name, $grams]) {
            $line = RecipeLine::read($text, Cup::Metric, Sample::craft()->foods);
            $isFood = $line->food?->names[0] === $name || in_array($name, $line->food->names ?? [], true);
            $isWeight = $grams === null
                ? $line->grams === null
                : $line->grams !== null && abs($line->grams / $grams - 1) < 0.02;
            if ($isFood && $isWeight && ($line->isRead() || $grams === null)) {
                $right++;
            } else {
                $wrong[] = "{$text}: ".($line->food->names[0] ?? '?').' '.($line->grams ?? '?');
                // Not read is told; read otherwise than meant is what must not be.
                self::assertTrue($line->grams === null || $line->food === null, implode('; ', $wrong));
            }
        }
        self::assertGreaterThanOrEqual(0.9 * count(self::lines()), $right, implode('; ', $wrong));
        self::assertGreaterThanOrEqual(60, count(self::lines()));
    }

    public function test_what_is_no_amount_is_not_made_one(): void
    {
        $foods = Sample::craft()->foods;
        foreach (
            [
                '', '0 onions', '3-2 onions', '1/0 cup rice', '-4 eggs', 'onions', '§§', str_repeat('9', 400).' g rice',
                '5 moonbeams',
            ] as $text
        ) {
            $line = RecipeLine::read($text, Cup::Metric, $foods);
            self::assertTrue($line->grams === null || $line->food === null || is_finite($line->grams), $text);
            self::assertNotSame('', Sample::say($line->note));
        }
        self::assertNull(RecipeLine::read('3-2 onions', Cup::Metric, $foods)->grams);
        self::assertNull(RecipeLine::read('0 onions', Cup::Metric, $foods)->grams);
        // A word within another is not that food, and the longest name counts.
        self::assertNull($foods->named('a gingham cloth'));
        self::assertSame('white wine vinegar', $foods->named('2 tbsp rice vinegar')?->names[0]);
        self::assertSame('coconut milk', $foods->named('thick coconut milk')?->names[0]);
        self::assertStringContainsString(
            'between 2 and 3', Sample::say(RecipeLine::read('2–3 onions', Cup::Metric, $foods)->note),
        );
    }

    public function test_every_food_can_be_used_and_is_named_once(): void
    {
        $foods = Sample::craft()->foods->all();
        self::assertGreaterThanOrEqual(150, count($foods));
        $roles = RecipeLine::roles(Sample::craft());
        $names = [];
        foreach ($foods as $food) {
            self::assertArrayHasKey($food->role, $roles, $food->names[0]);
            $names = [...$names, ...$food->names];
            // Protein and carbohydrate give 4, fat 9 kcal a gram: what a table says must be of that size.
            $kcal = 4 * ($food->proteinG + $food->carbohydrateG) + 9 * $food->fatG;
            // Fibre gives less.
            self::assertLessThanOrEqual($kcal + 35, $food->kcal, $food->names[0]);
            self::assertGreaterThanOrEqual(0.55 * $kcal - 10, $food->kcal, $food->names[0]);
            self::assertLessThanOrEqual(103, $food->proteinG + $food->fatG + $food->carbohydrateG, $food->names[0]);
        }
        self::assertSame($names, array_values(array_unique($names)), 'no name twice');
    }

    public function test_chosen_lines_become_a_dish_in_their_proportions(): void
    {
        $document = FromRecipe::document(
            Sample::craft()->schools->get('cooked-filling', 'school'), Sample::kitchen(),
            Sample::craft(), 'From afar', 6,
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
        self::assertEqualsWithDelta(1.0, $dish->build->extras[0]->perKgRice, 1e-6);
        self::assertSame([], Sample::plan($dish)->clashes);
    }

    public function test_without_rice_it_is_no_dish(): void
    {
        self::assertStringContainsString(
            'lines: none is the rice;',
            Sample::refused(
                static fn () => FromRecipe::document(
                    Sample::craft()->schools->get('cooked-filling', 'school'), Sample::kitchen(),
                    Sample::craft(), 'From afar', 6,
                    [['of' => 'lamb', 'role' => 'part:lamb-cubes', 'grams' => 900]],
                ),
            ),
        );
    }
}
