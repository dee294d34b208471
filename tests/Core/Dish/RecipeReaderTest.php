<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeReader;
use Orbek\Core\Dish\RecipeStep;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Recipes as many hands write them, in tests/data/recipes. */
final class RecipeReaderTest extends TestCase
{
    /**
     * Name, for how many, school, things as "g food" ("-" where left to the cook), minutes, and what nobody understands.
     *
     * @return array<string, array{string, int, string, list<string>, list<string>, list<string>}>
     */
    public static function recipes(): array
    {
        return [
            'chatty-egg' => [
                'Sunday egg biryani', 3, 'cooked-filling',
                ['504 basmati rice', '300 hard-boiled egg', '330 red onions', '200 plum tomatoes', '16 garlic paste',
                    '3 chilli flakes', '130 plain yoghurt', '30 coriander leaves', '- olive oil', '- coarse salt'],
                ['8-8', '20-20', '8-10', '30-30', '5-6', '20-20', '10-10'],
                ['This one is what I make when nobody has been shopping'],
            ],
            'terse-lamb' => [
                'LAMB BIRYANI', 8, 'raw-filling',
                ['1000 basmati rice', '1500 lamb shoulder', '400 plain yoghurt', '440 red onions', '68 ghee',
                    '47 garlic paste', '5 chilli flakes', '1 turmeric', '7 garam masala', '0 saffron threads',
                    '103 whole milk', '30 mint leaves', '30 coriander leaves', '1 whole cloves', '1 ground cardamom',
                    '8 ground cinnamon', '0 bay leaves', '- coarse salt'],
                ['240-360', '20-20', '4-4', '10-10', '40-40'], [],
            ],
            'persian-cherry' => [
                'Albaloo polo ba morgh', 6, 'drained-and-steamed',
                ['630 basmati rice', '72 coarse salt', '57 olive oil', '700 sour cherries', '200 caster sugar',
                    '1200 chicken thigh', '110 red onions', '3 turmeric', '31 plain yoghurt', '0 saffron threads',
                    '16 pistachios', '50 unsalted butter'],
                ['120-720', '25-25', '45-45', '6-8', '5-5', '45-45'], [],
            ],
            'american-veg' => [
                'Weeknight veggie biryani', 4, 'cooked-filling',
                ['315 basmati rice', '200 cauliflower', '163 green peas', '160 carrots', '425 chickpeas',
                    '110 red onions', '27 olive oil', '14 ginger root', '15 garlic cloves', '2 cumin seeds',
                    '1 chilli flakes', '260 plain yoghurt', '6 coriander leaves', '454 potatoes', '563 hot water'],
                ['15-15', '12-12', '1-1', '10-10', '18-18'], ['Prep: 20 min'],
            ],
            'gran' => [
                "Gran's mutton pulao", 4, 'one-pot',
                ['378 basmati rice', '1000 mutton', '260 plain yoghurt', '220 red onions', '12 ginger root',
                    '45 garlic cloves', '32 green chillies', '2 ground cumin', '1 cardamom pods', '4 cinnamon sticks',
                    '1 whole cloves', '1 turmeric', '41 ghee', '- coarse salt'],
                ['30-30', '15-15', '20-20', '15-20'], ['Good luck dear'],
            ],
            'fish' => [
                'Fish biryani', 5, 'cooked-filling',
                ['600 cod', '500 basmati rice', '31 lemon juice', '3 turmeric', '6 coarse salt', '41 olive oil',
                    '14 olive oil', '220 red onions', '400 plum tomatoes', '7 garam masala', '10 mint leaves', '65 limes',
                    '12 green chillies'],
                ['15-15', '2-2', '10-10', '15-15', '5-5', '15-15'], [],
            ],
            'broad-beans' => [
                'baghali polo', 4, 'drained-and-steamed',
                ['420 basmati rice', '500 broad beans', '50 dill', '1200 lamb shoulder', '110 red onions', '3 turmeric',
                    '0 saffron threads', '55 olive oil', '36 coarse salt', '- garlic powder'],
                ['150-150', '60-120', '7-7', '10-10', '60-60'], [],
            ],
            'prawn' => [
                'Prawn biriyani', 2, 'cooked-filling',
                ['250 prawns', '210 basmati rice', '25 basmati rice', '110 red onions', '4 coriander seeds',
                    '2 chilli flakes', '1 turmeric', '200 plum tomatoes', '100 coconut milk', '1 curry leaves',
                    '27 olive oil', '15 cashews', '9 raisins', '- coarse salt', '- black pepper'],
                ['1-1', '3-3', '10-12'], [],
            ],
            'papaya-kacchi' => [
                'Hyderabadi style kacchi', 6, 'raw-filling',
                ['1000 mutton', '750 basmati rice', '390 plain yoghurt', '114 ghee', '150 fried onions',
                    '27 green papaya paste', '5 chilli flakes', '2 cumin seeds', '2 cardamom pods', '1 mace',
                    '45 lemon juice', '- saffron threads', '64 whole milk', '- coarse salt'],
                ['360-720', '30-30', '4-5', '15-15', '45-45', '15-15'], [],
            ],
            'herbs-and-trout' => [
                'sabzi polo w/ fish', 4, 'drained-and-steamed',
                ['525 basmati rice', '30 parsley', '30 coriander leaves', '25 dill', '25 chives', '600 trout',
                    '10 garlic cloves', '41 unsalted butter', '0 saffron threads', '- flat bread', '- limes'],
                ['60-60', '7-7', '7-7', '35-40', '3-4'], [],
            ],
            'flatmate' => [
                "My flatmate's chicken thing", 4, 'drained-and-steamed',
                ['1140 chicken thigh', '504 basmati rice', '220 red onions', '400 plum tomatoes', '47 plain yoghurt',
                    '7 garam masala', '- green peas', '- garlic cloves', '- olive oil'],
                ['10-10', '30-30', '6-6', '20-20'], ['Done.'],
            ],
            'headings' => [
                'VEGETABLE DUM BIRYANI', 4, 'cooked-filling',
                ['300 basmati rice', '18 coarse salt', '0 bay leaves', '1 cardamom pods', '200 carrots',
                    '150 green beans', '250 potatoes', '100 green peas', '200 plum tomatoes', '156 plain yoghurt',
                    '11 garlic paste', '3 garam masala', '2 turmeric', '41 olive oil', '25 cashews', '15 mint leaves',
                    '0 saffron threads'],
                ['5-5', '8-10', '5-5', '10-10', '20-20', '5-5'], ['Prep time: 30 mins', 'Cook time: 50 mins'],
            ],
            'egg-pulao' => [
                'egg pulao', 2, 'one-pot',
                ['210 basmati rice', '500 hot water', '150 hard-boiled egg', '110 red onions', '100 plum tomatoes',
                    '16 green chillies', '1 turmeric', '1 chilli flakes', '1 garam masala', '14 olive oil', '5 ghee',
                    '- coriander leaves'],
                ['5-5', '3-3', '12-15', '5-5'], ['spices.'],
            ],
            'in-one-breath' => [
                'Lentil rice (adas polo)', 4, 'drained-and-steamed',
                ['420 basmati rice', '200 red lentils', '78 raisins', '200 dates', '220 red onions', '500 minced lamb',
                    '3 ground cinnamon', '0 saffron threads', '83 unsalted butter'],
                ['15-15', '12-12', '6-6', '10-10', '40-40', '2-2'], [],
            ],
            'chana' => [
                "Nani's chana biryani", 4, 'cooked-filling',
                ['315 basmati rice', '188 chickpeas', '220 red onions', '200 plum tomatoes', '130 plain yoghurt',
                    '16 garlic paste', '28 green chillies', '2 chilli flakes', '1 turmeric', '5 garam masala',
                    '0 bay leaves', '0 whole cloves', '1 cardamom pods', '2 cinnamon sticks', '10 mint leaves',
                    '10 coriander leaves', '55 olive oil'],
                ['20-20', '12-15', '10-10', '15-15'], [],
            ],
            'tahchin' => [
                'Tahchin', 6, 'drained-and-steamed',
                ['500 chicken breast', '110 red onions', '1 turmeric', '500 basmati rice', '54 coarse salt',
                    '- plain yoghurt', '350 plain yoghurt', '54 egg yolk', '110 olive oil', '0 saffron threads',
                    '- barberries', '40 barberries', '13 caster sugar', '15 unsalted butter'],
                ['35-35', '60-60', '6-6', '70-80', '2-2'], ['Makes one 24cm pot', 'Shred.'],
            ],
            'students-cooker' => [
                'quick cooker biryani (uni edition)', 2, 'cooker',
                ['252 basmati rice', '450 hot water', '250 chicken thigh', '55 red onions', '- ?', '16 plain yoghurt',
                    '15 unsalted butter', '30 raisins', '- black pepper'],
                ['8-8', '2-2', '18-18'], ['eat'],
            ],
            'dotted-keema' => [
                'Keema dum biryani', 8, 'cooked-filling',
                ['800 minced lamb', '800 basmati rice', '440 red onions', '100 ghee', '200 plain yoghurt',
                    '150 green peas', '32 garlic paste', '5 chilli flakes', '7 garam masala', '0 saffron threads',
                    '129 whole milk', '- coarse salt'],
                ['15-15', '10-10', '15-15', '5-5', '20-25'], ['hungry people'],
            ],
        ] + (array) json_decode((string) file_get_contents(self::file('read', 'json')), true);
    }

    /**
     * @param  list<string>  $things
     * @param  list<string>  $minutes
     * @param  list<string>  $unread
     */
    #[DataProvider('recipes')]
    public function test_a_recipe_is_read_to_its_last_row(
        string $name, int $eaters, string $school, array $things, array $minutes, array $unread,
    ): void {
        $read = self::read((string) file_get_contents(self::file($this->dataName())));

        self::assertSame([$name, $eaters, $school], [$read->name, $read->eaters, $read->school]);
        self::assertSame($things, array_map(
            static fn (RecipeLine $one): string => ($one->grams === null ? '-' : (string) round($one->grams)).' '
                .($one->food->names[0] ?? '?'), $read->lines,
        ));
        self::assertSame($minutes, array_values(array_filter(array_map(
            static fn (RecipeStep $one): ?string => $one->minutes === null ? null : implode('-', $one->minutes),
            $read->steps,
        ))));
        self::assertSame($unread, $read->unread);
    }

    public function test_no_word_of_a_recipe_is_lost(): void
    {
        $files = glob(dirname(self::file('x')).'/*.txt') ?: [];
        self::assertCount(count(self::recipes()), $files);
        foreach ($files as $file) {
            $text = (string) file_get_contents($file);
            $read = self::read($text);
            $kept = mb_strtolower(implode(' ', [
                $read->name, ...array_column($read->lines, 'text'), ...array_column($read->steps, 'text'), ...$read->unread,
            ]));
            foreach (preg_split('/\R/u', $text) ?: [] as $row) {
                if (preg_match('/^(?:for (?:the )?\w+|you (?:will )?need|what to do|steps|method|to serve|ingred\w+|instructions'
                    .'|directions|vegetables|to finish|rice)$|feeds|serves|ppl|people|persons|nafar|logo ke|servings|portions|yield|^for \d|^(?:prep|cook) time|^enough for/iu', trim($row, '#* :')) === 1) {
                    continue;
                }
                preg_match_all('/\p{L}{4,}/u', mb_strtolower($row), $words);
                foreach ($words[0] as $word) {
                    if (! in_array($word, ['then', 'about', 'each', 'piece', 'step', 'nos'], true)) {
                        self::assertStringContainsString($word, $kept, basename($file).": {$row}");
                    }
                }
            }
        }
    }

    public function test_a_step_tells_its_heat_and_what_ends_it(): void
    {
        $step = RecipeStep::read('3) Fry the onions on a medium heat until deep brown, about 20 mins.');
        self::assertSame(['medium', 'deep brown', [20.0, 20.0]], [$step?->ring, $step?->look, $step?->minutes]);
        self::assertSame([480.0, 720.0], RecipeStep::read('Marinate overnight')?->minutes);
        self::assertSame([150.0, 150.0], RecipeStep::read('Braise for 2 ½ hours')?->minutes);
        self::assertSame([30.0, 30.0], RecipeStep::read('Soak half an hour')?->minutes);
        self::assertSame('low', RecipeStep::read('Steam over the very lowest flame')?->ring);
        self::assertNull(RecipeStep::read('Enjoy with friends!'));
    }

    public function test_headings_say_where_things_go(): void
    {
        $read = self::read("Polo\nFor the rice\n2 cups rice\nFilling:\n500 g lamb\nFor the tahdig\n1 egg\nTo serve\n30 g butter");

        self::assertSame(['rice', 'filling', 'base', 'top'], array_map(
            static fn (RecipeLine $one): ?string => $one->for, $read->lines,
        ));
    }

    public function test_a_near_name_is_told_as_a_guess_and_a_far_one_not_taken(): void
    {
        $read = self::read("Ingredients\n1 tsp turmric\n1 tsp turmeric\n500 g rainbow beads");

        self::assertSame(
            [['turmeric', 'turmeric'], ['turmeric', null], [null, null]],
            array_map(
                static fn (RecipeLine $one): array => [$one->food?->names[0], $one->guess], $read->lines,
            ),
        );
    }

    public function test_beyond_eighty_things_the_rest_is_told_as_not_understood(): void
    {
        $read = self::read("Ingredients\n".implode("\n", array_map(
            static fn (int $one): string => "{$one} g basmati rice", range(1, 90),
        )));

        self::assertCount(80, $read->lines);
        self::assertSame('81 g basmati rice', $read->unread[0]);
        self::assertCount(10, $read->unread);
    }

    public function test_a_text_that_names_no_food_is_refused(): void
    {
        $this->expectException(Refused::class);
        self::read("Dear diary,\ntoday I stayed in bed.");
    }

    private static function read(string $text): RecipeRead
    {
        return RecipeReader::read($text, Cup::Metric, Sample::craft()->foods);
    }

    private static function file(int|string $name, string $kind = 'txt'): string
    {
        return dirname(__DIR__, 2)."/data/recipes/{$name}.{$kind}";
    }
}
