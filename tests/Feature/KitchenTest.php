<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LotTest;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

final class KitchenTest extends FeatureTestCase
{
    public function test_the_shelf_shows_what_each_bag_has_taught_and_what_is_left(): void
    {
        $left = 10000 - Household::known()->usedG('september-bag');
        self::assertGreaterThan(5000, $left);
        self::assertLessThan(9000, $left);

        $this->get('/kitchen')->assertOk()
            ->assertSee('faster than its kind')->assertSee('Nothing learned of this bag yet')
            ->assertSee(number_format($left / 1000, 2).' kg');
        $this->get('/kitchen/lots/september-bag')->assertOk()->assertSee(
            Cook::query()->latest('started_at')->firstOrFail()->started_at->format('j F Y'),
        )->assertSee('Forecast and fact');
        $this->get('/kitchen/lots/nobodys')->assertNotFound();
    }

    public function test_the_bag_runs_as_the_demo_made_it_run(): void
    {
        self::assertEqualsWithDelta(0.93, Household::known()->bag('september-bag')->likely(), 0.02);
        self::assertLessThan(0.05, Household::known()->bag('september-bag')->sd());
    }

    public function test_a_new_bag_is_put_on_the_shelf_under_an_id_of_its_own(): void
    {
        $this->post(
            '/kitchen/lots',
            [
                ...$this->seenKitchen(1), 'name' => 'Persian, lakeside sack', 'kind' => 'persian', 'bought_g' => '1500',
                'bought_on' => '2026-11-20',
            ],
        )->assertRedirect(route('lot', 'persian-lakeside-sack'));
        $this->post(
            '/kitchen/lots',
            [...$this->seenKitchen(2), 'name' => 'Persian, lakeside sack', 'kind' => 'persian'],
        )->assertRedirect(route('lot', 'persian-lakeside-sack-2'));

        self::assertSame(1500.0, Kitchen::core()->pantry->bags['persian-lakeside-sack']->boughtG);
        self::assertNull(Kitchen::core()->pantry->bags['persian-lakeside-sack-2']->boughtG);
    }

    public function test_a_bag_no_shop_sells_is_refused_and_nothing_is_saved(): void
    {
        $before = Kitchen::inUse()->document;
        foreach ([
            [['name' => '', 'kind' => 'persian'], 'name: is missing; give a text of 1 to 200 characters.'],
            [['name' => 'X', 'kind' => 'risotto'], 'lots/4/kind: "risotto" is not known;'],
            [
                ['name' => 'X', 'kind' => 'persian', 'bought_g' => '-5'],
                'bought_g: -5 is out of range; give 1 to 100000 g.',
            ],
            [
                ['name' => 'X', 'kind' => 'persian', 'bought_on' => 'yesterday'],
                'lots/4/bought_on: "yesterday" is no day; give one such as 2026-09-12.',
            ],
        ] as [$sent, $message]) {
            $this->post('/kitchen/lots', $this->seenKitchen(1) + $sent)->assertStatus(422)->assertSee($message);
        }

        self::assertSame($before, Kitchen::inUse()->document);
    }

    public function test_a_test_boil_teaches_a_new_bag_and_can_be_taken_back(): void
    {
        $this->boil([
            ['minutes' => '5', 'stage' => 'snaps'],
            ['minutes' => '8', 'stage' => 'half'],
            ['minutes' => '', 'stage' => 'point'],
        ])->assertRedirect(route('lot', 'lakeside-sack'));
        self::assertGreaterThan(1.05, Household::known()->bag('lakeside-sack')->likely());
        $this->get('/kitchen/lots/lakeside-sack')->assertSee('slower than its kind')->assertSee(
            '5 min snaps dry, 8 min hard heart',
        );

        $this->post(route('lot.test.back', ['lakeside-sack', LotTest::query()->firstOrFail()]))->assertRedirect();
        self::assertSame(1.0, round(Household::known()->bag('lakeside-sack')->likely(), 3));
    }

    public function test_tests_out_of_order_or_without_sense_are_refused(): void
    {
        $this->boil([['minutes' => '6', 'stage' => 'half'], ['minutes' => '4', 'stage' => 'snaps']])
            ->assertStatus(422)
            ->assertSee('tests/1: 240 s does not come after 360 s; give the tests in the order of time.');
        $this->boil([])->assertStatus(422)->assertSee('tests: there is none; note at least one grain.');
        $this->boil([['minutes' => 'soon', 'stage' => 'half']])->assertStatus(422)->assertSee(
            'tests/0/minutes: "soon" will not do; give a number from 0.1 to 90 min.',
        );
        $this->boil([['minutes' => '500', 'stage' => 'half']])->assertStatus(422)->assertSee(
            'tests/0/minutes: 500 is out of range; give 0.1 to 90 min.',
        );
        $this->boil([
            ['minutes' => '5', 'stage' => 'mush'],
        ])->assertStatus(422)->assertSee('tests/0/stage: "mush" is not known;');

        self::assertSame(0, LotTest::query()->count());
    }

    public function test_a_bag_with_too_little_left_says_so_and_offers_another(): void
    {
        $this->post(
            '/kitchen/lots',
            [...$this->seenKitchen(1), 'name' => 'Last handful', 'kind' => 'persian', 'bought_g' => '400'],
        );
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'rice/lot', 'value' => 'last-handful', 'version' => 1],
        )
            ->assertOk()->assertSee(
                'Last handful has 400 g left; this takes 797 g.',
            )->assertSee('Take the aged basmati, September bag')->assertSee('Cook for 4');
    }

    public function test_water_by_absorption_is_reckoned_and_bad_words_refused(): void
    {
        $this->get('/kitchen/absorption')->assertOk()->assertSee('its line');
        $this->get('/kitchen/absorption?raw_g=500&soak_min=0&open_min=0&covered_min=0')->assertOk()->assertSee('875 g');
        $this->get(
            '/kitchen/absorption?raw_g=500&filling_g=5000',
        )->assertOk()->assertSee('more water than this rice can take');
        $this->get('/kitchen/absorption?raw_g=much')->assertStatus(422)->assertSee(
            'raw_g: "much" will not do; give a number from 20 to 10000 g.',
        );
        $this->get('/kitchen/absorption?raw_g=-5')->assertStatus(422);
        $this->get('/kitchen/absorption?cup=mug')->assertStatus(422)->assertSee('cup: "mug" is not known;');
    }

    public function test_a_weighed_spoonful_nobody_can_have_is_refused(): void
    {
        $cook = $this->begun();
        $at = time();
        $send = fn (float $drained): TestResponse => $this->postJson(route('cook.events', $cook), ['events' => [
            ['id' => (string) Str::ulid(), 'type' => 'started', 'at' => $at, 'subject' => 'boil'],
            [
                'id' => (string) Str::ulid(), 'type' => 'weighed', 'at' => $at + 300, 'subject' => 'boil',
                'raw_g' => 10, 'drained_g' => $drained,
            ],
        ], 'body' => true]);

        $send(9)->assertOk()->assertJsonPath(
            'events.1',
            ['status' => 'refused', 'message' => 'drained_g over raw_g: 0.9 is out of range; give 1 to 3.5.'],
        );
        $send(60)->assertJsonPath('events.1.status', 'refused');
        $send(20.5)->assertJsonPath('events.1.status', 'taken')->assertSee('before the tests');
        self::assertSame('september-bag', $cook->refresh()->summary['taught']['lot'] ?? null);
    }

    /**
     * @param  list<array{minutes: string, stage: string}>  $tests
     * @return TestResponse<Response>
     */
    private function boil(array $tests): TestResponse
    {
        return $this->post(
            route('lot.test', 'lakeside-sack'),
            ['soak_min' => '30', 'soak_c' => '20', 'tests' => $tests],
        );
    }
}
