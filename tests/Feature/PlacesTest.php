<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Stage;
use Tests\Core\Sample;

final class PlacesTest extends FeatureTestCase
{
    public function test_each_place_shows_what_the_core_computed(): void
    {
        $lift = Sample::boil($this->plan())->liftAt;
        $this->get('/')->assertRedirect('/shelf');
        $this->get('/shelf')->assertOk()->assertSee('Sour-cherry polo with chicken thighs')->assertSee('797 g');
        $this->get('/pot')->assertRedirect(route('pot', $this->dish()));
        $this->get(route('pot', $this->dish()))->assertOk()
            ->assertSeeInOrder(['Table', 'Rice', 'Water', 'Filling', 'Layers', 'Lid', 'Heat', 'Serve'])
            ->assertSeeInOrder(array_map(
                Sample::amount(...), [$lift->quantity(), $lift->from(), $lift->by()],
            ))->assertSee('faster than its kind')
            ->assertSee('9 people, each past the eighth counted 85 %: 8.85 shares of 90 g.')
            ->assertSee('pistachio slivers');
        $this->get(route('pot.more', [$this->dish(), 'lid']))->assertOk()->assertSee('Tie the cloth');
        $this->get(route('pot.more', [$this->dish(), 'serve']))->assertOk()->assertSee('Tell your guests');
        $this->get(route('pot.more', [$this->dish(), 'attic']))->assertNotFound();
        $this->get(route('clock', $this->dish()))->assertOk()->assertSee('Boil the rice')->assertSee(
            Sample::wording()->hours(-$this->plan()->day->busyFrom()),
        );
        $this->get('/stove')->assertOk()->assertSee('Nothing on the stove');
        $this->get('/care')->assertOk()->assertSee('never proof of safety')->assertSee('74 °C poultry');
        $this->get('/notebook')->assertOk()->assertSee('Half an hour late and the rice soft')->assertSee('of 6 min');
    }

    public function test_a_word_changed_changes_everything_that_follows(): void
    {
        $this->patchJson(route('dish.change', $this->dish()), ['path' => 'usual/eaters', 'value' => 5, 'version' => 1])
            ->assertOk()->assertJsonPath('version', 2)->assertSee('450 g')->assertDontSee('797 g');
        $sums = $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/oil', 'value' => true, 'version' => 2],
        )->json('sums');
        $answer = $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/lemon', 'value' => true, 'version' => 3, 'has' => $sums],
        )->assertOk();
        self::assertSame(
            ['pot-measure', 'station-water'],
            array_keys((array) $answer->json('parts')),
            'only what differs is sent',
        );
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/oil', 'value' => false, 'version' => 4, 'has' => 'all'],
        )->assertOk();

        self::assertSame(5, $this->dish()->core()->table->eaters);
        self::assertSame(5, $this->dish()->version);
    }

    public function test_rice_of_which_every_layer_has_a_stage_of_its_own_is_shown_and_planned(): void
    {
        $dish = Dish::query()->where('name', 'Turkey and plum biryani')->firstOrFail();
        // Over a moist filling rice is lifted late on purpose.
        $this->patchJson(
            route('dish.change', $dish),
            ['path' => 'fillings/0/wetness', 'value' => 'dry', 'version' => $dish->refresh()->version],
        )->assertOk();
        foreach ($dish->core()->build->layers as $at => $layer) {
            if ($layer->matter === Matter::Rice) {
                $stage = $layer->stage === Stage::Snaps ? 'half' : 'thread';
                $this->patchJson(
                    route('dish.change', $dish),
                    ['path' => "layers/{$at}/stage", 'value' => $stage, 'version' => $dish->refresh()->version],
                )->assertOk();
            }
        }
        $plan = $this->app->make(Planner::class)->plan($dish->refresh()->core());
        self::assertFalse($plan->boil()?->isLiftedAt($dish->core()->grain->water->stage));
        self::assertSame([Stage::HardHeart, Stage::Thread], array_column($plan->boil()->lifts, 'stage'));
        // A layer that comes too far is mended by its own stage.
        $mends = array_merge(...array_column($plan->clashesAt(Station::Water), 'mends'));
        $layers = array_filter($dish->core()->build->layers, static fn ($layer): bool => $layer->stage === Stage::Thread);
        self::assertContains('layers/'.array_key_first($layers).'/stage', array_column($mends, 'path'));
        foreach (['pot', 'clock', 'dish.list', 'dish.recipe', 'dish.export'] as $page) {
            $this->get(route($page, $dish))->assertOk();
        }
        $this->get(route('pot', $dish))->assertSee('as it says at Layers, the last when a grain');
        $this->followingRedirects()->post(route('cook.begin', $dish), ['cook' => strtolower((string) Str::ulid())])
            ->assertOk()->assertSee('Next to do');
    }

    public function test_salt_may_be_told_in_spoons_of_the_salt_at_hand(): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/salt_teaspoons', 'value' => 10, 'version' => 1],
        )->assertOk()->assertSee('60 g');
        self::assertEqualsWithDelta(60 / 4.779, $this->dish()->core()->grain->water->saltGPerL, 0.01);

        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/salt_teaspoons', 'value' => 'a heap', 'version' => 2],
        )
            ->assertStatus(422)->assertJsonPath(
                'message',
                'water/salt_teaspoons: "a heap" will not do; give a number from 0 to 200 teaspoons.',
            );
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/salt_teaspoons', 'value' => 150, 'version' => 2],
        )
            ->assertStatus(422)->assertJsonPath(
                'message',
                'water/salt_g_per_l: 188.32 is out of range; give 0 to 50 g/L.',
            );
    }

    public function test_oil_and_lemon_say_what_they_do_where_they_are_chosen(): void
    {
        $page = $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'water/oil', 'value' => true, 'version' => 1],
        )->assertOk();

        $page->assertSee(
            'oil for the boil. A spoonful or so: it keeps froth down',
        )->assertDontSee('salt for the boil. ')->assertDontSee('keeps the grain white');
    }

    public function test_a_soak_of_forty_hours_in_the_warm_is_answered_with_the_caution(): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'rice/soak/minutes', 'value' => 2400, 'version' => 1, 'open' => 'rice'],
        )
            ->assertOk()->assertSee(
                '40 h at 20 °C is too long out of the fridge.',
            )->assertSee('Soak in the fridge, 4 °C')->assertSee('Soaking past 4 h belongs in the fridge');
    }

    public function test_a_pot_too_small_offers_its_mend(): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'lid/pot', 'value' => 'steel-24', 'version' => 1],
        )
            ->assertOk()->assertSee(
                '24 cm steel, 5.5 L is too small',
            )->assertSee('Use the 28 cm aluminium, 9 L')->assertSee('5 cm free, broken');
    }

    public function test_the_window_that_comes_second_is_told_and_nothing_is_lost(): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'usual/eaters', 'value' => 5, 'version' => 1],
        )->assertOk();
        $this->patchJson(route('dish.change', $this->dish()), ['path' => 'usual/eaters', 'value' => 7, 'version' => 1])
            ->assertStatus(409)->assertJsonPath(
                'message',
                fn (string $message): bool => str_contains($message, 'another window'),
            );

        self::assertSame(5, $this->dish()->core()->table->eaters);
    }

    public function test_the_demo_stands_in_its_order_however_long_it_takes_to_load(): void
    {
        $late = 0;
        Carbon::setTestNow(static function (Carbon $now) use (&$late): Carbon {
            return $now->addSeconds($late++);
        });
        $this->seed(DatabaseSeeder::class);
        Carbon::setTestNow();

        self::assertGreaterThan(20, $late);
        $names = Dish::query()->onTheShelf('')->pluck('name')->all();
        self::assertStringStartsWith('Sour-cherry polo', (string) $names[0]);
        self::assertStringStartsWith('Turkey and plum', (string) $names[1]);
    }

    public function test_what_no_dish_can_be_is_not_saved(): void
    {
        $before = $this->dish()->document;
        foreach ([
            ['usual/eaters', 0, 'usual/eaters: 0 is out of range; give 1 to 60.'],
            ['usual/eaters', 400, 'usual/eaters: 400 is out of range; give 1 to 60.'],
            ['usual/eaters', null, 'usual/eaters: is missing; give a whole number from 1 to 60.'],
            ['usual/eaters', ['x'], 'usual/eaters: a list will not do; give a whole number from 1 to 60.'],
            ['water/salt_g_per_l', -3, 'water/salt_g_per_l: -3 is out of range; give 0 to 50 g/L.'],
            [
                'lid/pot',
                'bucket',
                'lid/pot: "bucket" is not known; give one of iron-20, steel-24, aluminium-28, cooker.',
            ],
            [
                'usual/smokers',
                3,
                'usual: additional object properties are not allowed: smokers; compare schema/dish.json.',
            ],
            ['name', '', 'name: is missing; give a text of 1 to 200 characters.'],
        ] as [$path, $value, $message]) {
            $this->patchJson(route('dish.change', $this->dish()), ['path' => $path, 'value' => $value, 'version' => 1])
                ->assertStatus(422)->assertJsonPath('message', $message);
        }

        self::assertSame($before, $this->dish()->document);
        self::assertSame(1, $this->dish()->version);
    }

    public function test_what_is_told_once_is_not_used_up_by_what_a_page_fetches_beside_it(): void
    {
        $this->post(route('dish.away', $this->dish()))->assertRedirect();
        $this->withCookie('orbek-session', session()->getId());
        $this->get('/shelf', ['Sec-Fetch-Mode' => 'cors'])->assertOk();
        // A tick, or a bettering, that was asked before and ends after.
        $this->withCredentials()->postJson(
            route('dish.tick', Dish::query()->firstOrFail()), ['entry' => 'buy:onions|g', 'done' => true],
            ['Sec-Fetch-Mode' => 'cors'],
        )->assertNoContent();
        $this->get(
            '/shelf', ['Sec-Fetch-Mode' => 'navigate'],
        )->assertOk()->assertSee('role="status"', false)->assertSee('Back on the shelf');
        $this->get('/shelf')->assertDontSee('Back on the shelf');
    }

    public function test_layers_say_a_stage_once_when_all_share_it(): void
    {
        $dish = $this->dish();
        $this->get(route('pot.more', [$dish, 'layers']))->assertOk()->assertSee(
            'All of the rice is lifted when a grain'
        )->assertSee('Lift it apart')
            ->assertDontSee('when it is lifted');
        $this->patchJson(
            route('dish.change', $dish), ['path' => 'layers/0/stage', 'value' => 'half', 'version' => 1],
        )->assertOk();
        $this->get(
            route('pot.more', [$dish, 'layers'])
        )->assertSee('when it is lifted')->assertDontSee('All of the rice is lifted');
        $this->get(route('pot', $dish))->assertSee('Stage of the rice in layer 1');
    }

    public function test_a_dish_that_is_not_there_is_not_found(): void
    {
        $this->get('/dishes/01jdj7k0000000000000000001')->assertNotFound();
        $this->get('/dishes/%27;drop')->assertNotFound();
    }

    public function test_another_household_sees_nothing_of_this_one(): void
    {
        $dish = $this->dish();
        $cook = Cook::query()->firstOrFail();
        $other = Household::query()->create(['name' => 'Next door']);
        app()->instance(Household::class, $other);

        self::assertSame(0, Dish::query()->count() + Cook::query()->count() + Kitchen::query()->count());
        self::assertNull(Dish::query()->find($dish->id));
        Dish::query()->create(['name' => 'Theirs', 'school' => 'x', 'document' => []]);
        self::assertSame($other->id, Dish::query()->firstOrFail()->getAttribute('household_id'));
        $this->expectException(ModelNotFoundException::class);
        Cook::query()->findOrFail($cook->id);
    }

    public function test_no_query_goes_through_without_a_household(): void
    {
        app()->forgetInstance(Household::class);
        $this->expectExceptionMessage('No household is in use.');
        Dish::query()->count();
    }

    public function test_behind_every_line_of_every_dish_and_school_there_is_more(): void
    {
        foreach (app(Craft::class)->schools->all as $school) {
            $this->post(route('dish.start'), ['school' => $school->id])->assertRedirect();
        }
        $dishes = Dish::query()->get();
        self::assertGreaterThan(13, count($dishes));
        foreach ($dishes as $dish) {
            foreach (Station::cases() as $station) {
                $this->get(route('pot.more', [$dish, $station->value]))->assertOk();
            }
        }
    }
}
