<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Orbek\Core\Meal\Meal as CoreMeal;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is next is ahead or on the stove; what has passed is asked about once and then lies in the Notebook. */
final class TimePassesTest extends FeatureTestCase
{
    public function test_a_meal_that_has_passed_is_asked_about_and_then_found_in_the_notebook(): void
    {
        $meal = $this->meal('Tuesday with friends', $this->now()->modify('+1 day'));
        $this->get('/shelf')->assertSeeInOrder(['Meals ahead', 'Tuesday with friends'])->assertDontSee('Did you cook it?');
        $this->later(2);
        $this->get('/shelf')->assertSeeInOrder(['Tuesday with friends', 'Did you cook it?', 'Another day']);
        $this->get('/clock')->assertRedirect()->assertDontSee($meal->id);
        $this->get('/notebook/meals')->assertSee('Tuesday with friends')->assertSee('not cooked, as far as is known');

        $this->post(route('meal.cooked', $meal))->assertRedirect(route('shelf'));
        $this->get('/shelf')->assertDontSee('Did you cook it?')->assertDontSee('Tuesday with friends');
        $this->get('/notebook/meals')->assertSee('cooked, not with Orbek');

        $this->post(route('meal.again', $meal))->assertRedirect();
        $again = Meal::query()->where('name', 'Tuesday with friends')->whereNull('cooked_at')->sole();
        self::assertSame(substr($meal->serve_at, -5), substr($again->serve_at, -5));
        self::assertSame(date('l', (int) strtotime($meal->serve_at)), date('l', (int) strtotime($again->serve_at)));
        self::assertGreaterThan($this->now()->format('Y-m-d\TH:i'), $again->serve_at);
    }

    public function test_it_is_asked_for_two_weeks_and_no_longer(): void
    {
        $this->meal('Tuesday with friends', $this->now()->modify('+1 hour'));
        $this->later(13);
        $this->get('/shelf')->assertSee('Did you cook it?');
        $this->later(2);
        $this->get('/shelf')->assertDontSee('Did you cook it?');
        $this->get('/notebook/meals')->assertSee('Tuesday with friends');
    }

    public function test_a_meal_eaten_early_is_not_next_any_more_and_is_cooked_again_as_it_was(): void
    {
        $meal = $this->meal('Tuesday with friends', $this->now()->modify('+6 hours'));
        $cook = $this->begin($meal);
        $this->get('/shelf')->assertSee('On the stove')->assertSee('Back to Tuesday with friends');
        $this->serve($cook);
        $this->get('/shelf')->assertDontSee('Tuesday with friends');
        $this->get('/notebook/meals')->assertSee('Tuesday with friends')->assertSee('on the table');

        $meal->delete();
        $this->post(route('meal-cook.again', $cook))->assertRedirect();
        self::assertSame(1, Meal::query()->where('name', 'Tuesday with friends')->count());
        Dish::query()->findOrFail($meal->dishIds()[0])->delete();
        $this->post(route('meal-cook.again', $cook))->assertStatus(422);
    }

    public function test_a_forgotten_cook_is_asked_about_and_never_late(): void
    {
        $meal = $this->meal('Tuesday with friends', $this->now()->modify('+6 hours'));
        $cook = $this->begin($meal);
        $dish = $this->begun();
        $this->later(30);
        $this->get('/shelf')->assertSee('What is next')->assertDontSee('On the stove')
            ->assertSee('Tuesday with friends')->assertSee('Was it eaten?');
        self::assertNull(MealCook::onTheStove($this->now()));
        foreach ([route('meal-cook', $cook), route('meal-cook', $dish->id)] as $page) {
            $html = $this->get($page)->assertOk()->assertSee('It was eaten then')->assertSee('Planned for')->getContent();
            self::assertDoesNotMatchRegularExpression('/\d+ min late/', (string) preg_replace('/We are 10 min late/', '', (string) $html));
        }
        $this->serve($cook, $cook->table_at?->getTimestamp());
        self::assertEquals($cook->table_at, $cook->refresh()->served_at);
        $this->get('/notebook')->assertSee('on time');
        $this->serve($dish);
        $this->get('/notebook')->assertSee('on another day than planned');
    }

    public function test_begun_after_its_time_a_meal_is_on_the_table_as_soon_as_it_can_be(): void
    {
        $meal = $this->meal('Tuesday with friends', $this->now()->modify('+1 hour'));
        $this->later(3);
        $cook = $this->begin($meal);
        self::assertGreaterThan($this->now()->getTimestamp(), $cook->table_at?->getTimestamp());
        self::assertLessThan($this->now()->modify('+1 day')->getTimestamp(), $cook->table_at?->getTimestamp());
        self::assertSame($cook->meal['serve_at'] ?? '', $meal->refresh()->serve_at);
        $this->get(route('meal-cook', $cook))->assertDontSee(' min late,')->assertDontSee('planned for');
    }

    public function test_the_demos_meals_move_ahead_with_the_weeks(): void
    {
        $was = Meal::query()->where('of_demo', true)->pluck('serve_at', 'id')->all();
        self::assertCount(3, $was);
        $this->later(40);
        Artisan::call('orbek:demo');
        foreach (Meal::query()->where('of_demo', true)->get() as $meal) {
            self::assertGreaterThanOrEqual($this->now()->format('Y-m-d\TH:i'), $meal->serve_at);
            self::assertLessThanOrEqual($this->now()->modify('+7 days')->format('Y-m-d\TH:i'), $meal->serve_at);
            self::assertSame(date('l H:i', (int) strtotime($was[$meal->id])), date('l H:i', (int) strtotime($meal->serve_at)));
        }
        $this->later(20);
        $this->get('/shelf')->assertDontSee('Did you cook it?')
            ->assertSee('Winter supper')->assertSee('Lentil polo')->assertSee('Two biryanis');
    }

    public function test_this_week_is_said_of_this_week_only(): void
    {
        $meal = $this->meal('Tuesday with friends', $this->now()->modify('-20 days'));
        $page = (string) $this->get(route('meal', $meal))->assertOk()->getContent();
        preg_match('/<optgroup label="([^"]+)"/', $page, $first);
        self::assertStringStartsWith('The week of', $first[1] ?? '');
        self::assertSame(1, substr_count($page, 'label="This week"'));
    }

    public function test_leftovers_and_months_go_by_the_cooks_clock(): void
    {
        $this->later(40);
        $this->get('/notebook')->assertSee($this->now()->format('F Y'));
    }

    /** @return iterable<string, array{int, string, string}> by how much clocks are turned that night, s */
    public static function oddHours(): iterable
    {
        yield 'an hour that is not there' => [3600, '03:30', 'There is no 02:30 that night'];
        yield 'an hour that comes twice' => [-3600, '02:30 (2nd)', '02:30 comes twice that night'];
    }

    /** The next night to come in which clocks are turned so in Berlin, at 02:30. */
    private static function nextNight(int $byS): string
    {
        $zone = new DateTimeZone('Europe/Berlin');
        $turns = $zone->getTransitions(time() + 2 * 86400, time() + 500 * 86400) ?: [];
        for ($turn = 1; $turn < count($turns); $turn++) {
            if ($turns[$turn]['offset'] - $turns[$turn - 1]['offset'] === $byS) {
                return (new DateTimeImmutable("@{$turns[$turn]['ts']}"))->setTimezone($zone)->format('Y-m-d').'T02:30';
            }
        }
        self::fail('Berlin turns its clocks.');
    }

    #[DataProvider('oddHours')]
    public function test_the_nights_when_clocks_change(int $byS, string $read, string $told): void
    {
        $kitchen = Kitchen::inUse();
        $kitchen->update(['document' => ['timezone' => 'Europe/Berlin'] + $kitchen->document]);
        app(PracticeClock::class)->putForward(0);
        $meal = $this->meal('Night shift', new DateTimeImmutable(self::nextNight($byS)));
        $this->get(route('meal', $meal))->assertOk()->assertSee($told)->assertSee($read);
        $this->get('/shelf')->assertSee($read);
        $this->get(route('meal.list', $meal))->assertSee($read);
        self::assertStringContainsString(
            'DTSTART', (string) $this->get(route('meal.calendar', $meal))->assertOk()->getContent(),
        );
    }

    private function now(): DateTimeImmutable
    {
        return app(PracticeClock::class)->now()->setTimezone(Kitchen::core()->site->timezone);
    }

    private function later(int $days): void
    {
        for ($left = $days; $left > 0; $left -= 14) {
            app(PracticeClock::class)->putForward(min(14, $left) * 86400);
        }
    }

    private function meal(string $name, DateTimeImmutable $at): Meal
    {
        return Meal::query()->create(Meal::columns(CoreMeal::fromArray([
            'format' => CoreMeal::FORMAT, 'name' => $name, 'serve_at' => $at->format('Y-m-d\TH:i'), 'eaters' => 3,
            'dishes' => [['dish' => Dish::query()->where('name', 'like', 'Chickpea%')->sole()->id]],
        ])));
    }

    private function begin(Meal $meal): MealCook
    {
        $id = (string) Str::ulid();
        $this->post(route('meal-cook.begin', $meal), ['cook' => $id, 'when' => 'planned'])->assertRedirect();

        return MealCook::query()->findOrFail(strtolower($id));
    }

    private function serve(MealCook|Cook $cook, ?int $at = null): void
    {
        $to = $cook instanceof MealCook ? 'meal-cook.events' : 'cook.events';
        $this->postJson(route($to, $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => 'served', 'at' => $at ?? $this->now()->getTimestamp(),
        ]]])->assertOk()->assertJsonPath('events.0.status', 'taken');
    }
}
