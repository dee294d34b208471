<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\PersianRecipe;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\RecipeMethod;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeReader;
use Orbek\Core\Dish\StepGoes;
use Orbek\Core\Measure\Cup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Recipes as they are written in Persian. */
final class PersianRecipeTest extends TestCase
{
    public function test_a_recipe_of_nineteen_rows_is_read_whole(): void
    {
        $read = self::read((string) file_get_contents(dirname(__DIR__, 2).'/data/persian/albaloo-polo.txt'));

        self::assertSame(['آلبالو پلو با مرغ', 4, 'drained-and-steamed', []], [$read->name, $read->eaters, $read->school, $read->unread]);
        self::assertSame(
            ['rice' => 840, 'part:chicken-thigh' => 760, 'part:onion' => 110, 'part:tender-vegetables' => 325, 'extra:saffron' => 4, 'extra:nuts' => 16],
            array_map(static fn (float $grams): int => (int) round($grams), array_filter(
                array_column(array_map(static fn (RecipeLine $line): array => [$line->role, (float) $line->grams], $read->lines), 1, 0),
                static fn (string $role): bool => ! in_array($role, ['extra:fat', 'extra:other', RecipeLine::NOWHERE], true), ARRAY_FILTER_USE_KEY,
            )),
        );
        self::assertSame([
            StepGoes::Soak, StepGoes::Filling, StepGoes::Filling, StepGoes::Filling, StepGoes::Boil, StepGoes::Layers,
            StepGoes::Heat, StepGoes::Rest,
        ], RecipeMethod::places($read->steps));
        self::assertSame([120.0, 15.0, null, 30.0, 6.0, null, 50.0, 10.0], array_map(static fn ($step): ?float => $step->minutes[0] ?? null, $read->steps));
        self::assertSame(['طلایی شود', 'low'], [$read->steps[1]->look, $read->steps[6]->ring]);
        self::assertSame('مرغ را در روغن ۱۵ دقیقه سرخ کنید تا طلایی شود.', $read->steps[1]->text, 'as it was written');
    }

    /** @return iterable<string, array{string, float, string}> a row, grams, what it is a row of */
    public static function rows(): iterable
    {
        yield 'Persian digits' => ['۴۰۰ گرم برنج', 400, 'rice'];
        yield 'Arabic digits and letters' => ['٤٠٠ گرم برنج', 400, 'rice'];
        yield 'Latin digits' => ['400 گرم برنج', 400, 'rice'];
        yield 'the amount behind' => ['برنج: ۲ پیمانه', 420, 'rice'];
        yield 'a Persian comma in a number' => ['۱٫۵ کیلو ران مرغ', 1500, 'part:chicken-thigh'];
        yield 'with a half-space' => ['۱ قاشق چای‌خوری زرد‌چوبه', 2.5, 'extra:other'];
        yield 'without one' => ['۱ قاشق چایخوری زردچوبه', 2.5, 'extra:other'];
        yield 'another k and y' => ['۲ عدد پياز', 220, 'part:onion'];
        yield 'half' => ['نصف پیمانه زرشک', 50, 'extra:fruit'];
        yield 'one and a half' => ['یک و نیم پیمانه برنج', 315, 'rice'];
        yield 'a word' => ['سه قاشق غذاخوری روغن مایع', 41, 'extra:fat'];
        yield 'between' => ['۴ تا ۶ عدد پیاز', 550, 'part:onion'];
        yield 'an estekan' => ['۱ استکان روغن مایع', 91.5, 'extra:fat'];
    }

    #[DataProvider('rows')]
    public function test_a_row_is_weighed(string $row, float $grams, string $role): void
    {
        $line = RecipeLine::read($row, Cup::Metric, Sample::craft()->foods);

        self::assertSame($role, $line->role);
        self::assertEqualsWithDelta($grams, $line->grams, 0.15 * $grams);
        self::assertSame($row, $line->text);
    }

    public function test_what_is_not_understood_is_told_back_as_it_stood(): void
    {
        $read = self::read("عدس پلو\nبرای شش نفر\n۳ پیمانه برنج\n۲ پیمانه عدس\nطرز تهیه\nیادش بخیر مادربزرگ.\nعدس را ۱۲ دقیقه بپزید.");

        self::assertSame(['یادش بخیر مادربزرگ.'], $read->unread);
        self::assertSame(6, $read->eaters);
        self::assertCount(2, $read->lines);
        self::assertCount(1, $read->steps);
    }

    public function test_a_time_is_told_in_many_ways(): void
    {
        foreach (['نیم ساعت' => 30.0, 'یک ساعت و نیم' => 90.0, 'یک ربع' => 15.0, 'سه ربع' => 45.0, '۱۰ تا ۱۵ دقیقه' => 10.0, 'شب تا صبح' => 480.0] as $time => $minutes) {
            self::assertSame($minutes, self::read("نام\n۱ کیلو برنج\nطرز تهیه\nبرنج را {$time} خیس کنید.")->steps[0]->minutes[0] ?? null, $time);
        }
        self::assertSame('شیر و کره', PersianRecipe::plain("شير و \u{200F}كره"));
    }

    private static function read(string $text): RecipeRead
    {
        return RecipeReader::read($text, Cup::Metric, Sample::craft()->foods);
    }
}
