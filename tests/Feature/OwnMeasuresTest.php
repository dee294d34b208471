<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
use Orbek\Core\Edit\MealEdit;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Plan\Station;

/** Who has cups and no scale, reads °F and a clock of twelve hours, sees nothing else on any page. */
final class OwnMeasuresTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $kitchen = Kitchen::inUse();
        $kitchen->document = ['units' => 'cups', 'degrees' => 'fahrenheit', 'hours' => 12, 'scale' => false]
            + $kitchen->document;
        $kitchen->save();
    }

    public function test_no_page_shows_a_gram_an_ounce_or_an_hour_past_twelve(): void
    {
        $found = [];
        foreach ($this->pages() as $name => $url) {
            $page = $this->get($url)->assertOk()->getContent();
            foreach (self::foreign((string) $page) as $what) {
                $found["{$name}: {$what}"] = true;
            }
        }

        self::assertSame([], array_keys($found));
    }

    public function test_a_time_with_am_or_pm_is_read_as_it_is_said(): void
    {
        foreach ([
            '6:45 am' => '06:45', '12:05 am' => '00:05', '12:30 PM' => '12:30', '7:30pm' => '19:30', '19:30' => '19:30',
            '11:59 p.m.' => '23:59',
        ] as $said => $is) {
            self::assertSame("2026-12-05T{$is}", Instant::onTwentyFour("2026-12-05T{$said}"));
        }
        self::assertSame('2026-12-05T13:00 pm', Instant::onTwentyFour('2026-12-05T13:00 pm'), 'to be refused');
        $meal = Meal::query()->firstOrFail();
        $changed = MealEdit::on($meal->core(), 'serve_at', '2027-02-03T6:15 pm');
        self::assertSame('2027-02-03T18:15', $changed->serveAt);
    }

    /** @return iterable<string, string> but of the dish whose cook writes 74 °C into a step's own words */
    private function pages(): iterable
    {
        yield 'shelf' => route('shelf');
        foreach (Dish::query()->where('name', 'not like', 'Yesterday%')->get() as $dish) {
            yield "pot {$dish->name}" => route('pot', $dish);
            foreach (Station::cases() as $station) {
                yield "{$station->value} {$dish->name}" => route('pot.more', [$dish, $station->value]);
            }
            yield "list {$dish->name}" => route('dish.list', $dish);
            yield "clock {$dish->name}" => route('clock', $dish);
        }
        foreach (Meal::query()->get() as $meal) {
            yield "meal {$meal->name}" => route('meal', $meal);
            yield "meal list {$meal->name}" => route('meal.list', $meal);
        }
        foreach (Cook::query()->limit(3)->get() as $cook) {
            yield "record {$cook->id}" => route('cook.record', $cook);
        }
        yield 'notebook' => route('notebook');
        yield 'drill' => route('drill');
    }

    /** @return list<string> what is read in other measures, with some words round it */
    private static function foreign(string $page): array
    {
        // Where a figure comes from is a tap away, and told as it was reckoned.
        $page = (string) preg_replace(
            ['#<(script|style|title|desc)\b.*?</\1>#su', '#<span class="why">.*?</span></details>#su'], ' ', $page,
        );
        // What stands in a word to change is read as well.
        $page = (string) preg_replace('#<input\b[^>]*\bclass="word[^>]*\bvalue="([^"]*)"[^>]*>#su', ' $1 ', $page);
        $text = html_entity_decode((string) preg_replace('/\s+/u', ' ', strip_tags(str_replace('<', ' <', $page))));
        preg_match_all(
            '/.{0,25}(?:(?<![\p{L}\d])\d[\d.,]* ?(?:g|kg|oz|lb)(?![\p{L}\d])|°C|(?<![\d:])(?:1[3-9]|2[0-3]|0\d):[0-5]\d(?![:\d]| in this water)).{0,15}/u',
            $text, $found,
        );

        return $found[0];
    }
}
