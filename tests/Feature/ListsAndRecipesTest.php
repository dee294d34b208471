<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\ListTick;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Measure\Cup;
use Symfony\Component\Process\Process;

/** Lists with ticks, versions, units, recipes from elsewhere and first dishes of a school. */
final class ListsAndRecipesTest extends FeatureTestCase
{
    public function test_a_tick_is_kept_once_and_taken_off_again(): void
    {
        $dish = $this->dish();
        $url = route('dish.tick', $dish);
        $this->get(route('dish.list', $dish))->assertOk()->assertSee('To buy')->assertSee('chicken thighs');
        foreach ([1, 2] as $time) {
            $this->postJson($url, ['entry' => 'buy:onions|g', 'done' => true])->assertNoContent();
            self::assertSame(1, ListTick::query()->count(), "said {$time} times");
        }
        $this->get(route('dish.list', $dish))->assertSee('value="buy:onions|g" checked', false);
        $this->postJson($url, ['entry' => 'buy:onions|g', 'done' => false])->assertNoContent();
        self::assertSame(0, ListTick::query()->count());
        $this->postJson($url, ['entry' => str_repeat('x', 301), 'done' => true])->assertStatus(422)->assertJsonPath(
            'message',
            'entry: is missing or too long; load the page again.',
        );
    }

    public function test_what_is_always_there_leaves_the_list_and_comes_back(): void
    {
        $this->post(route('pantry'), [...$this->seenKitchen(1), 'name' => 'Onions', 'has' => '1'])->assertRedirect();
        self::assertContains('onions', Kitchen::core()->pantry->always);
        $this->get(route('dish.list', $this->dish()))->assertDontSee('value="buy:onions|g"', false);
        $this->post(route('pantry'), [...$this->seenKitchen(2), 'name' => 'Onions', 'has' => '0']);
        self::assertNotContains('onions', Kitchen::core()->pantry->always);
        $this->post(route('pantry'), [...$this->seenKitchen(3), 'name' => '', 'has' => '1'])->assertStatus(422);
    }

    public function test_each_change_keeps_what_was_and_can_be_taken_back(): void
    {
        $dish = $this->dish();
        $this->change($dish, 'usual/eaters', 5)->assertOk();
        $this->change($dish->refresh(), 'lid/seal', 'foil')->assertOk();
        $this->get(
            route('dish.versions', $dish),
        )->assertSee('people: 5, was 9')->assertSee('seal: foil, was cloth')->assertSee('Since it was cooked on');

        $first = DishVersion::query()->where('version', 1)->firstOrFail();
        $this->post(
            route('dish.version.back', [$dish, $first]),
            ['version' => 2],
        )->assertStatus(409)->assertSee('Make my change now');
        self::assertSame(5, $dish->refresh()->core()->table->eaters, 'another window changed it meanwhile');
        $this->post(route('dish.version.back', [$dish, $first]), ['version' => 3])->assertRedirect();
        self::assertSame(9, $dish->refresh()->core()->table->eaters);
        self::assertSame(4, $dish->version);
        self::assertSame(3, DishVersion::query()->count(), 'what it was before going back is kept too');
    }

    public function test_a_version_of_another_dish_is_not_found(): void
    {
        $this->change($this->dish(), 'usual/eaters', 5);
        $other = Dish::query()->where('name', 'Turkey and plum biryani')->firstOrFail();
        $this->post(route('dish.version.back', [$other, DishVersion::query()->firstOrFail()]))->assertNotFound();
    }

    public function test_amounts_are_shown_in_the_units_chosen(): void
    {
        $this->post(
            route('units'),
            [...$this->seenKitchen(1), 'units' => 'ounces', 'cup' => 'us-customary', 'salt' => 'coarse'],
        )->assertRedirect();
        $this->get(route('pot', $this->dish()))->assertSee('1.76 lb')->assertSee('teaspoons of coarse salt');
        $this->post(
            route('units'),
            [...$this->seenKitchen(2), 'units' => 'stones'],
        )->assertStatus(422)->assertSee('units: &quot;stones&quot; is not known', false);
    }

    public function test_a_first_dish_of_each_school(): void
    {
        foreach (
            [
                'raw-filling', 'cooked-filling', 'long-seal', 'drained-and-steamed', 'one-pot', 'cooker', 'yesterday',
            ] as $school
        ) {
            $this->followingRedirects()->post(
                route('dish.start'),
                ['school' => $school],
            )->assertOk()->assertSee('A new dish');
        }
        self::assertSame(18, Dish::query()->count());
        $this->post(route('dish.start'), ['school' => 'microwave'])->assertStatus(422);
        self::assertSame(18, Dish::query()->count());
    }

    public function test_a_recipe_goes_out_and_comes_back_whole(): void
    {
        foreach (Dish::query()->get() as $dish) {
            $file = $this->get(route('dish.recipe', $dish))->assertOk()->getContent();
            $recipe = json_decode((string) $file, true);
            self::assertSame('Recipe', $recipe['@type']);
            self::assertNotSame([], $recipe['recipeIngredient']);
            $preview = $this->look((string) $file)->assertOk()->assertSee('Nothing is kept yet.');
            self::assertSame(
                $dish->document,
                json_decode(
                    html_entity_decode(
                        (string) preg_replace(
                            '/.*name="document" value="([^"]*)".*/s',
                            '$1',
                            (string) $preview->getContent(),
                        ),
                    ),
                    true,
                ),
            );
        }
    }

    public function test_a_recipe_as_text_is_read_line_by_line(): void
    {
        $text = "Quince rice for a cold evening\nServes 6\n\nIngredients:\n2 1/2 cups basmati rice\n1 kg lamb shoulder, cubed\n"
            ."2 quinces\nsalt to taste\na pinch of saffron\n5 moonbeams\n\nMethod\nBoil the rice for 6 minutes.\nAdd 2 tbsp butter.";
        $page = $this->post(route('dish.preview'), ['text' => $text])->assertOk()
            ->assertSee(
                'Quince rice for a cold evening'
            )->assertSee('1 kg lamb shoulder, cubed')->assertSee('left to you')
            ->assertSeeInOrder(['Its method', 'Boil the rice for 6 minutes', 'the boil, told beside ours', 'Add 2 tbsp butter.'])
            ->assertSee('name="steps[0][least]" type="number" min="0.1" max="2880" step="any" value="6"', false);
        $page->assertSee('value="6"', false)->assertSee('5 of 6 lines could be read')->assertSee(
            '5 of them, of unknown weight'
        );
        self::assertSame(11, Dish::query()->count(), 'nothing is kept yet');
        foreach (
            [
                ['nothing here at all', 'names a food'], [str_repeat("1 kg rice\n", 4000), 'too long'],
                ["\xff\xfe", 'UTF-8'],
            ] as [$bad, $says]
        ) {
            $this->post(route('dish.preview'), ['text' => $bad])->assertStatus(422)->assertSee($says);
        }
        $this->post(
            route('dish.preview'), ['text' => '<script>alert(1)</script> 400 g rice'],
        )->assertOk()->assertDontSee('<script>alert', false);
    }

    public function test_a_recipe_from_elsewhere_is_read_beside_its_lines_and_kept_only_when_told(): void
    {
        $foreign = (string) json_encode([
            '@graph' => [[
                '@type' => ['Recipe'], 'name' => 'Lamb <script>alert(1)</script> rice', 'recipeYield' => ['6 servings'],
                'recipeIngredient' => [
                    '600 g basmati rice', '900 g lamb shoulder', '3 star anise', '<b>1/2 tsp</b> saffron',
                ],
            ]],
        ]);
        $page = $this->look($foreign)->assertOk();
        $page->assertSee(
            '4 of 4 lines could be read',
        )->assertSee('900 g lamb shoulder')->assertDontSee('<script>alert', false);
        self::assertSame(11, Dish::query()->count());

        $lines = [
            ['of' => 'basmati rice', 'role' => 'rice', 'grams' => '600'],
            ['of' => 'lamb shoulder', 'role' => 'part:lamb-cubes', 'grams' => '900'],
            ['of' => 'star anise', 'role' => 'nowhere', 'grams' => ''],
        ];
        $send = fn (array $lines): TestResponse => $this->post(
            route('dish.from-recipe'),
            ['name' => 'Lamb rice', 'eaters' => 6, 'school' => 'long-seal', 'lines' => $lines],
        );
        $send($lines)->assertRedirect();
        self::assertSame('long-seal', Dish::query()->where('name', 'Lamb rice')->firstOrFail()->school);

        $lines[1]['grams'] = '-900';
        $send($lines)->assertStatus(422)->assertSee('lines/1/grams: -900 is out of range; give 0.1 to 20000 g.');
        $send([$lines[0]])->assertStatus(422)->assertSee('none is a filling');
        $lines[1] = ['of' => 'lamb', 'role' => 'part:unicorn', 'grams' => '900'];
        $send($lines)->assertStatus(422)->assertSee('is not known');
        self::assertSame(12, Dish::query()->count());
    }

    public function test_a_method_comes_along_however_a_document_nests_it(): void
    {
        $recipe = static fn (mixed $method): string => (string) json_encode([
            '@type' => 'Recipe', 'name' => 'Carrot biryani', 'recipeYield' => '4',
            'recipeIngredient' => ['360 g basmati rice', '400 g carrots'], 'recipeInstructions' => $method,
        ]);
        $step = static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text];
        $told = ['Fry the carrots for 10 min.', 'Boil the rice 5 to 6 minutes &amp; drain.'];
        foreach ([
            implode(' ', $told), '<p>'.implode('</p><p>', $told).'</p>', $told, array_map($step, $told),
            [['@type' => 'HowToSection', 'name' => 'All', 'itemListElement' => array_map($step, $told)]],
        ] as $method) {
            $read = OpenFile::recipe($recipe($method), Cup::Metric);
            self::assertInstanceOf(RecipeRead::class, $read);
            self::assertSame([[10.0, 10.0], [5.0, 6.0]], array_column($read->steps, 'minutes'), $recipe($method));
            self::assertSame('cooked-filling', $read->school);
        }
        $this->look($recipe([$step('Thank you for reading.'), $step($told[0])]))->assertOk()
            ->assertSee('Not understood')->assertSee('Thank you for reading.')->assertSee('10 min');

        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'recipe'), $recipe($told));
        self::assertSame(0, Artisan::call('orbek:recipe', ['file' => $file, '--json' => true]));
        $printed = json_decode(Artisan::output(), true);
        self::assertIsArray($printed);
        self::assertSame(
            ['name', 'eaters', 'school', 'lines', 'steps', 'unread'], array_keys($printed),
        );
        file_put_contents($file, '{"rows": 3}');
        $refused = new Process([PHP_BINARY, 'artisan', 'orbek:recipe', $file], base_path());
        self::assertSame(1, $refused->run());
        self::assertStringContainsString('file: it is no recipe', $refused->getErrorOutput());
        unlink($file);
    }

    public function test_what_cannot_be_read_is_refused_at_the_door(): void
    {
        foreach ([
            [str_repeat(' ', 5_000_000).'{}', '5.0 MB is too large'],
            ["{\"@type\": \"Recipe\", \"name\": \"\xE9t\xE9\"}", 'not UTF-8'],
            ['{"@type": "Recipe", "name": "Empty"}', 'recipeIngredient: the recipe lists nothing'],
            ['<html></html>', 'it is no JSON'],
            ['[1, 2]', 'an Orbek document'],
            [
                (string) json_encode(
                    ['name' => 'x'] + $this->dish()->core()->changed('usual/eaters', 9)->toArray() + ['filling' => []],
                ),
                '',
            ],
        ] as [$text, $says]) {
            if ($says !== '') {
                $this->look($text)->assertStatus(422)->assertSee($says);
            }
        }
        $negative = $this->dish()->document;
        $negative['fillings'][0]['parts'][0]['of_rice'] = -1;
        $this->look((string) json_encode($negative))->assertStatus(422)->assertSee(
            'fillings/0/parts/0/of_rice: -1 is out of range',
        );
        self::assertSame(11, Dish::query()->count());
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function look(string $text): TestResponse
    {
        return $this->post(
            route('dish.preview'),
            ['file' => UploadedFile::fake()->createWithContent('recipe.json', $text)],
        );
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function change(Dish $dish, string $path, mixed $value): TestResponse
    {
        return $this->patchJson(
            route('dish.change', $dish),
            ['path' => $path, 'value' => $value, 'view' => 'pot', 'version' => $dish->version],
        );
    }
}
