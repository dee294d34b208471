<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Meal;
use App\Models\MealVersion;
use Illuminate\Http\UploadedFile;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** Meals: begun from dishes, changed by words, bettered, out as a calendar and a file. */
final class MealTest extends FeatureTestCase
{
    public function test_the_demo_meals_stand_on_the_shelf_and_open(): void
    {
        $this->get('/shelf')->assertSee('Winter supper of the rowing club')->assertSee('Two biryanis on Sunday');
        foreach (Meal::query()->get() as $meal) {
            // As a request of its own: drawings of the page before do not come with it.
            app()->forgetScopedInstances();
            $page = (string) $this->get(route('meal', $meal))->assertOk()->assertSee('in the kitchen, from')
                ->getContent();
            self::assertLessThan(60_000, strlen($page), $meal->name);
            self::assertStringNotContainsString('it does not fit', $page, $meal->name);
            $this->get(route('meal.list', $meal))->assertOk()->assertSee('To buy');
        }
    }

    public function test_a_meal_is_begun_changed_and_taken_away(): void
    {
        $lentil = Dish::query()->where('name', 'like', 'Lentil%')->firstOrFail();
        $trout = Dish::query()->where('name', 'like', 'Trout%')->firstOrFail();
        $this->post(route('meal.begin'), ['dishes' => [$lentil->id]])->assertRedirect();
        $meal = Meal::query()->where('name', $lentil->name)->firstOrFail();
        $change = fn (int $version, string $path, mixed $value) => $this->patchJson(
            route('meal.change', $meal), ['version' => $version, 'path' => $path, 'value' => $value],
        );
        $change(1, 'eaters', 4)->assertOk()->assertJsonPath('version', 2);
        // Two windows: the second is told, and nothing is written over.
        $change(1, 'eaters', 5)->assertStatus(409);
        $change(2, 'dishes:add', $trout->id)->assertOk();
        $change(3, 'dishes:add', 'no-such-dish')->assertStatus(422);
        $change(3, 'dishes:eaters:1', 2)->assertOk();
        $change(4, 'sides:add', ['name' => 'salad', 'minutes' => 10])->assertOk();
        $change(5, 'pin:side/1', -45)->assertOk();
        foreach ([
            ['eaters', 0, 'eaters: 0 is out of range'], ['hands', 99, 'hands: 99 is out of range'],
            ['colour', 'red', 'path'],
            ['sides:add', 'x', 'sides:add'], ['serve_at', 'soon', 'serve_at'],
            ['dishes:remove:7', null, 'dishes:remove'],
            ['plates', 'huge', 'plates'],
        ] as [$path, $value, $says]) {
            $answer = $change(6, $path, $value)->assertStatus(422);
            self::assertStringContainsString($says, (string) $answer->json('message'));
        }
        $meal->refresh();
        self::assertSame([4, 2, 6], [$meal->core()->eaters, count($meal->core()->shares), $meal->version]);
        $this->postJson(route('meal.better', $meal))->assertOk()->assertJsonPath('version', 6);

        // What changed is told, and taken back: one tap, or any version.
        $this->get(route('meal.versions', $meal))->assertOk()->assertSee('people: 4, was 3');
        $change(6, 'undo', null)->assertOk();
        self::assertSame([], $meal->refresh()->core()->pins);
        $change(7, 'undo', null)->assertOk();
        self::assertSame(['side/1' => -45], $meal->refresh()->core()->pins);
        $first = MealVersion::query()->where('meal_id', $meal->id)->where('version', 1)->firstOrFail();
        $this->post(
            route('meal.version.back', [$meal, $first]), ['version' => '8'],
        )->assertRedirect(route('meal', $meal));
        self::assertSame([3, 1], [$meal->refresh()->core()->eaters, count($meal->core()->shares)]);
        $change(9, 'undo', null)->assertOk();
        $other = Meal::query()->whereKeyNot($meal->id)->firstOrFail();
        $this->post(route('meal.version.back', [$other, $first]), ['version' => '1'])->assertStatus(404);
        $change(10, 'ahead:side/1', true)->assertOk();

        // A dish that is put away while its meal is open is named.
        $trout->delete();
        $this->get(route('meal', $meal))->assertOk()->assertSee('is on the shelf no more');
        $trout->restore();
        $this->post(route('meal.away', $meal))->assertRedirect(route('shelf'));
        $this->get('/shelf')->assertSee('is removed');
        $this->post(route('meal.back'))->assertRedirect();
        self::assertSame(1, Meal::query()->where('name', $meal->name)->count());
        $this->postJson(route('meal.begin'), ['dishes' => []])->assertStatus(422);
        $this->postJson(route('meal.begin'), ['dishes' => ['gone']])->assertStatus(422);
    }

    public function test_the_calendar_goes_through_its_library_and_back(): void
    {
        $meal = Meal::query()->where('name', 'like', 'Winter%')->firstOrFail();
        $text = (string) $this->get(route('meal.calendar', $meal))->assertOk()->getContent();
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $events[(string) $event->UID] = $event;
        }
        $table = $events["orbek-{$meal->id}-table"] ?? self::fail('the table is in it');
        self::assertSame(
            (new \DateTimeImmutable($meal->serve_at, \App\Models\Kitchen::core()->site->timezone))->getTimestamp(),
            $table->DTSTART->getDateTime()->getTimestamp(),
        );
        self::assertArrayHasKey("orbek-{$meal->id}-d1-rinse", $events);
        self::assertArrayHasKey("orbek-{$meal->id}-day-before", $events);
        self::assertGreaterThan(12, count($events));
        self::assertStringContainsString('VALARM', $text);
    }

    public function test_a_file_has_its_dishes_inside(): void
    {
        $meal = Meal::query()->where('name', 'like', 'Winter%')->firstOrFail();
        $file = $this->get(route('meal.file', $meal))->assertOk()->json();
        self::assertSame('orbek-meal/1', $file['format']);
        self::assertCount(2, $file['documents']);
        foreach ($file['dishes'] as $share) {
            self::assertSame('orbek-dish/2', $file['documents'][$share['dish']]['format']);
        }
        $upload = static fn (string $text): array => [
            'file' => UploadedFile::fake()->createWithContent('meal.json', $text),
        ];
        $text = (string) json_encode($file);
        $this->post(
            route('meal.preview'), $upload($text),
        )->assertOk()->assertSee('Nothing is kept yet')->assertSee('baked quince');
        $meals = Meal::query()->count();
        $dishes = Dish::query()->count();
        $this->post(route('meal.import'), ['document' => $text])->assertRedirect();
        self::assertSame([$meals + 1, $dishes + 2], [Meal::query()->count(), Dish::query()->count()]);
        $came = Meal::query()->latest('id')->firstOrFail();
        $this->get(route('meal', $came))->assertOk()->assertSee('Sour-cherry polo');
        unset($file['documents'][$file['dishes'][0]['dish']]);
        foreach (
            [(string) json_encode($file), '{"format": "orbek-meal/1"}', '{', '{"format": "orbek-dish/1"}'] as $broken
        ) {
            $this->post(route('meal.preview'), $upload($broken), ['Accept' => 'application/json'])->assertStatus(422);
        }
        self::assertSame($meals + 1, Meal::query()->count());
    }
}
