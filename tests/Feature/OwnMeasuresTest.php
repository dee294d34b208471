<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
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

    /** @return iterable<string, string> */
    private function pages(): iterable
    {
        yield 'shelf' => route('shelf');
        foreach (Dish::query()->get() as $dish) {
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
        yield 'absorption' => route('absorption');
        yield 'drill' => route('drill');
    }

    /** @return list<string> what is read in other measures, with some words round it */
    private static function foreign(string $page): array
    {
        // Where a figure comes from is a tap away, and told as it was reckoned.
        $page = (string) preg_replace(
            ['#<(script|style|title|desc)\b.*?</\1>#su', '#<span class="why">.*?</span></details>#su'], ' ', $page,
        );
        $text = html_entity_decode((string) preg_replace('/\s+/u', ' ', strip_tags(str_replace('<', ' <', $page))));
        preg_match_all(
            '/.{0,25}(?:(?<![\p{L}\d])\d[\d.,]* ?(?:g|kg|oz|lb)(?![\p{L}\d])|°C|(?<![\d:])(?:1[3-9]|2[0-3]|0\d):[0-5]\d(?![:\d]| in this water)).{0,15}/u',
            $text, $found,
        );

        return $found[0];
    }
}
