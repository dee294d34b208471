<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\MealCook;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Learning\Knowledge;

/** What is forgotten, put away, given up, taken back, and brought over from an older edition. */
final class ALongYearTest extends FeatureTestCase
{
    public function test_a_pot_forgotten_for_a_month_is_opened_served_and_noted(): void
    {
        $cook = $this->begun();
        $closed = now()->subDays(31)->getTimestamp();
        DB::table('meal_cooks')->where('id', $cook->id)->update(['started_at' => now()->subDays(31)->subHours(2)]);
        $events = [];
        foreach (array_keys($cook->plan()->day->tasks) as $task) {
            $events[] = self::event('started', $closed, $task);
            if ($task === 'heat-1') {
                break;
            }
            $events[] = self::event('done', $closed, $task);
        }
        $this->postJson(route('cook.events', $cook), ['events' => $events])->assertOk();

        $began = hrtime(true);
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk()->assertSee('Followed for');
        $this->postJson(route('cook.events', $cook), ['body' => true, 'events' => [
            self::event('opened', time(), 'lid'), self::event(
                'done',
                time(),
                'heat-1',
            ), self::event('done', time(), 'open'), self::event('served', time()),
            self::event('noted', time()) + ['outcome' => ['rice' => 'wet', 'crust' => 'burnt', 'filling' => 'dry']],
        ]])->assertOk()->assertJsonPath('events.4.status', 'taken');
        self::assertLessThan(20, (hrtime(true) - $began) / 1e9, 'it ends: the time it takes stands in ./orbek bench');

        $lid = CoreCook::fold(
            $cook->plan(),
            array_values(
                CookEvent::query()->where('meal_cook_id', $cook->id)->get()->map(
                    static fn (CookEvent $event) => $event->core(),
                )->all(),
            ),
            new DateTimeImmutable,
        )->state->servedAt;
        self::assertNotNull($lid);
        self::assertSame('burnt', $cook->refresh()->summary['crust'] ?? null);
    }

    public function test_a_dish_put_away_is_found_and_taken_out_whenever(): void
    {
        $this->get('/shelf')->assertDontSee('Dishes put away');
        $dish = $this->dish();
        $this->post(route('dish.away', $dish))->assertRedirect();
        $this->get('/shelf')->assertSee('Back on the shelf')->assertSee('Dishes put away');
        $this->get('/shelf')->assertDontSee($dish->name);
        $this->get(route('shelf.put-away'))->assertOk()->assertSee($dish->name);
        $this->post(route('dish.back', $dish->id))->assertRedirect();
        $this->get(route('shelf.put-away'))->assertSee('Nothing is put away');
        $this->get('/shelf')->assertSee($dish->name);
    }

    public function test_a_cook_given_up_leaves_the_stove_and_can_be_taken_up_again(): void
    {
        $cook = $this->begun();
        $this->followingRedirects()->post(
            route('meal-cook.give-up', $cook->meal_cook_id),
        )->assertSee('is given up')->assertSee('Take it up again');
        $this->get('/stove')->assertSee('Nothing on the stove');
        $this->get('/notebook')->assertSee('Given up.');
        $other = $this->begun();
        self::assertNotSame($cook->id, $other->id);
        $this->post(route('meal-cook.give-up', $other->meal_cook_id));
        $this->post(route('meal-cook.give-up', $cook->meal_cook_id), ['up' => '1'])->assertRedirect(route('meal-cook', $cook->meal_cook_id));
        $this->get('/stove')->assertRedirect(route('meal-cook', $cook->meal_cook_id));
    }

    public function test_begun_again_after_it_changed_the_older_cook_is_offered(): void
    {
        $cook = $this->begun();
        $dish = $this->dish();
        $this->post(route('cook.begin', $dish), ['cook' => (string) Str::ulid()])->assertRedirect(route('meal-cook', $cook->meal_cook_id));
        $this->patchJson(
            route('dish.change', $dish),
            ['path' => 'usual/eaters', 'value' => 5, 'version' => 1],
        )->assertOk();
        $id = (string) Str::ulid();
        $this->post(route('cook.begin', $dish), ['cook' => $id])
            ->assertStatus(409)
            ->assertSee('Go on with that one')
            ->assertSee('Give it up and begin the dish as it is now');
        self::assertSame(1, Cook::query()->where('served_at', null)->count());

        $this->post(route('meal-cook.give-up', $cook->id), ['cook' => $id])->assertRedirect(route('meal-cook', strtolower($id)));
        self::assertNotNull($cook->refresh()->given_up_at);
        self::assertSame(
            5, MealCook::onTheStove(app(\Psr\Clock\ClockInterface::class)->now())?->plan()->plans[0]->dish->table->eaters,
        );
    }

    public function test_the_shelf_finds_by_name_school_and_part_a_page_at_a_time(): void
    {
        $this->get('/shelf?find=trout')->assertSee('Trout and fenugreek polo')
            ->assertDontSee('<h2>Lentil, date', false);
        $this->get(
            '/shelf?find='.urlencode('ONE-pot chickpea'),
        )->assertSee('Chickpea and spinach one-pot')->assertDontSee('<h2>Trout', false);
        $this->get('/shelf?find=pistachio')->assertSee('Sour-cherry polo')
            ->assertDontSee('<h2>Jackfruit', false);
        $this->get(
            '/shelf?find='.urlencode('100%_"<b>'),
        )->assertOk()->assertSee('No dish has', false)->assertDontSee('<b>', false);

        $document = $this->dish()->core();
        for ($n = 1; $n <= 14; $n++) {
            (new Dish(['version' => 1]))->take($document->changed('name', "Copy {$n}"))->save();
        }
        $first = (string) $this->get('/shelf')->assertSee('Further dishes')->getContent();
        self::assertSame(8, substr_count($first, 'class="dish"'));
        $this->get('/shelf?page=2')->assertSee('Dishes before');
    }

    public function test_what_was_touched_last_stands_first(): void
    {
        $this->travelTo(now()->addHour());
        Dish::query()->where('name', 'Trout and fenugreek polo')->firstOrFail()->touch();
        self::assertSame('Trout and fenugreek polo', Dish::query()->onTheShelf('')->firstOrFail()->name);
        $this->travelTo(now()->addHour());
        $this->patchJson(
            route('dish.change', $this->dish()), ['path' => 'usual/eaters', 'value' => 5, 'version' => 1],
        )->assertOk();
        self::assertSame($this->dish()->name, Dish::query()->onTheShelf('')->firstOrFail()->name);
    }

    public function test_what_is_kept_as_known_is_what_all_lessons_give(): void
    {
        self::assertLessThan(1e-4, Household::known()->distance(Household::foldedAgain()));
        $this->post(
            '/kitchen/lots/lakeside-sack/tests',
            ['soak_min' => '30', 'tests' => [['minutes' => '6', 'stage' => 'half']]],
        )->assertRedirect();
        $this->post(route('lot.test.back', ['lakeside-sack', LotTest::query()->firstOrFail()]));
        self::assertSame(0, Artisan::call('orbek:knowledge'));
        self::assertStringContainsString('differ by', Artisan::output());

        $household = app(Household::class);
        $household->update([
            'knowledge' => Knowledge::none()->with(['used' => ['lot' => 'september-bag', 'g' => 123.0]])->toArray(),
        ]);
        self::assertSame(1, Artisan::call('orbek:knowledge'));
        self::assertSame(0, Artisan::call('orbek:knowledge', ['--mend' => true]));
        self::assertStringContainsString('mended', Artisan::output());
        self::assertGreaterThan(1000, Household::known()->usedG('september-bag'));
    }

    public function test_another_windows_change_of_the_kitchen_is_not_written_over(): void
    {
        $this->post(route('pantry'), [...$this->seenKitchen(1), 'name' => 'Onions', 'has' => '1'])->assertRedirect();
        $this->post(route('pantry'), [...$this->seenKitchen(1), 'name' => 'Rice flour', 'has' => '1'])->assertStatus(409)
            ->assertSee('Make my change now')->assertSee('value="Rice flour"', false)->assertSee(
                'name="version" value="2"',
                false,
            );
        self::assertContains('onions', Kitchen::core()->pantry->always);
        self::assertNotContains('rice flour', Kitchen::core()->pantry->always);
        $this->post(route('pantry'), [...$this->seenKitchen(2), 'name' => 'Rice flour', 'has' => '1'])->assertRedirect();
        self::assertContains('rice flour', Kitchen::core()->pantry->always);
    }

    /** @return array<string, mixed> */
    private static function event(string $type, int $at, ?string $subject = null): array
    {
        return [
            'id' => (string) Str::ulid(),
            'type' => $type,
            'at' => $at,
        ] + ($subject === null ? [] : ['subject' => $subject]);
    }
}
