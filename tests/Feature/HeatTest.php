<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\RememberedLines;
use App\Models\StoveTest;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Orbek\Core\Heat\FoundLine;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Plan\Planner;

/** The Heat station's questions, the closed pot at the stove, and what stoves learn. */
final class HeatTest extends FeatureTestCase
{
    public function test_every_dish_answers_what_its_heat_station_is_asked(): void
    {
        foreach (Dish::query()->get() as $dish) {
            $this->get(route('pot', $dish))->assertOk();
            $this->get(route('pot.more', [$dish, 'heat']))->assertOk()->assertSee('Other heats');
            $this->get(
                route('heat.plans', $dish)
            )->assertOk()->assertSee('Most likely right')->assertSee('own heat')->assertSee('Take it');
            $this->get(route('heat.sure', $dish))->assertOk()->assertSee('eight of ten pots');
            $this->get(
                route('heat.whatif', $dish).'?seal=loose-lid',
            )->assertOk()->assertSee('as asked')->assertSee('steam lost');
            $this->get(route('heat.at', [$dish, 10]))->assertOk()->assertSee('Minute 10');
        }
    }

    public function test_what_cannot_be_asked_is_refused(): void
    {
        $dish = $this->dish();
        $this->getJson(route('heat.whatif', $dish).'?seal=glue')->assertStatus(422)->assertJsonFragment([
            'message' => 'lid/seal: "glue" is not known; give one of dough, foil-dough, dough-sheet, foil, cloth, cloth-later, damp-cloth, paper, tight-lid, loose-lid, vented-lid.',
        ]);
        $this->getJson(route('heat.whatif', $dish).'?line=bent')->assertStatus(422);
        $this->getJson(route('heat.at', [$dish, 9000]))->assertStatus(422);
        $this->get("/dishes/{$dish->id}/heat/at/noon")->assertNotFound();
        foreach (
            [
                ['heat:ring:0', 'ring-9'], ['heat:minutes:0', 0], ['heat:minutes:0', 1200], ['heat:setting:0', 400],
                ['heat:take', []],
                ['heat:take', [['minutes' => 5]]],
            ] as [$path, $value]
        ) {
            $this->patchJson(
                route('dish.change', $dish),
                ['path' => $path, 'value' => $value, 'view' => 'pot', 'version' => $dish->version],
            )->assertStatus(422);
        }
        self::assertSame(1, $dish->refresh()->version);
    }

    public function test_a_boil_test_teaches_its_pair_and_can_be_taken_back(): void
    {
        $send = [
            'pot' => 'steel-24', 'burner' => 'ring-1', 'litres' => '2', 'from_c' => '20', 'to_c' => '90',
            'minutes' => '45', 'setting' => '100',
        ];
        $this->get(route('stoves'))->assertOk()->assertSee('Nothing learned');
        $this->post(route('stoves.test'), $send)->assertRedirect();
        self::assertLessThan(0.95, Household::known()->stove('steel-24', Kitchen::core()->equipment->rings['ring-1'])->likely());
        $this->get(route('stoves'))->assertSee('Boil test of')->assertSee('less heat than its kind');

        foreach (
            [
                'litres' => '40', 'to_c' => '100', 'minutes' => '', 'from_c' => '95', 'setting' => 'high',
            ] as $field => $bad
        ) {
            $this->post(route('stoves.test'), [$field => $bad] + $send)->assertStatus(422)->assertSee($field.':');
        }
        self::assertSame(1, StoveTest::query()->count());
        // At a mark of its knob.
        $this->post(
            route('stoves.test'), ['setting' => 'Half', 'minutes' => '20', 'burner' => 'ring-2'] + $send,
        )->assertRedirect();
        $test = StoveTest::query()->where('burner', 'ring-2')->firstOrFail();
        self::assertEqualsWithDelta(60.0, $test->document['setting'], 1e-9);
        $test->delete();
        $this->post(route('stoves.test.back', StoveTest::query()->firstOrFail()))->assertRedirect();
        self::assertEqualsWithDelta(
            1.0, Household::known()->stove('steel-24', Kitchen::core()->equipment->rings['ring-1'])->likely(), 0.01,
        );
    }

    public function test_what_a_cook_taught_its_stove_is_taken_back_and_given_again(): void
    {
        $cook = Cook::query()->whereNotNull('summary->stove')->oldest('started_at')->firstOrFail();
        $with = Household::known()->toArray();
        $this->post(route('stoves.cook.back', $cook), ['back' => '1'])->assertRedirect();
        self::assertGreaterThan(0.1, Knowledge::fromArray($with)->distance(Household::known()));
        $this->get(route('stoves'))->assertSee('taken back');
        $this->post(route('stoves.cook.back', $cook), ['back' => '0']);
        self::assertLessThan(
            1e-6,
            Knowledge::fromArray($with)->distance(Household::known()),
            'given again, as if never taken',
        );
    }

    public function test_a_past_cook_tells_its_likeliest_causes(): void
    {
        $straw = Cook::query()->where('summary->crust', 'straw')->firstOrFail();
        $this->get(route('cook.record', $straw))->assertOk()->assertSee('Likeliest causes');
        $this->get(route('cook.next', $straw))->assertOk()->assertSee(
            'The ring gave less heat than reckoned', false,
        );
        $this->get(route('notebook'))->assertSee('How it went, and why');
    }

    public function test_the_closed_pot_is_followed_turned_rescued_and_probed(): void
    {
        $cook = $this->closed();
        $page = $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk();
        $page->assertSee('you are here')->assertSee('I turned it to')->assertSee('Something is wrong');

        $this->event(
            $cook,
            ['type' => 'heat-set', 'subject' => 'heat-1', 'setting' => 100],
        )->assertOk()->assertSee('Turned to full');
        $this->event(
            $cook,
            ['type' => 'heat-set', 'subject' => 'heat-1', 'setting' => 400],
        )->assertJsonPath('events.0.status', 'refused');
        $this->get(route('cook.rescue', [$cook, 'top-hard']))->assertOk()->assertSee('hot water');
        $this->getJson(route('cook.rescue', [$cook, 'haunted']))->assertStatus(422);

        $this->post(route('cook.probe', $cook), ['in' => '1'])->assertNoContent();
        $body = fn (): string => (string) $this->getJson(route('meal-cook.body', $cook->meal_cook_id))->json('body');
        self::assertStringContainsString('Probe (simulated)', $body());
        self::assertStringContainsString('never proof of safety', $body());
        $reading = fn (): string => (string) preg_replace(
            '/.*Probe \(simulated\): <strong>([0-9.]+).*/s',
            '$1',
            $body(),
        );
        self::assertSame($reading(), $reading(), 'a page loaded again reads the same');
        $this->post(route('cook.probe', $cook), ['in' => '0'])->assertNoContent();
        self::assertStringNotContainsString('Probe (simulated)', $body());
    }

    public function test_a_closed_pot_is_steered_by_what_is_seen_and_the_record_tells_each_look(): void
    {
        $cook = $this->closed();
        $this->get(route('heat.right', $this->dish()))->assertOk()->assertSee('as planned')->assertSee('is-right', false);
        $this->get(route('meal-cook.alone', $cook->meal_cook_id))->assertOk()->assertSee('steer-alone', false)
            ->assertSee('data-steers="[{&quot;minute&quot;', false);
        $this->event($cook, ['type' => 'started', 'subject' => 'heat-1', 'at' => now()->getTimestamp() - 390]);
        $this->event($cook, ['type' => 'cue', 'subject' => 'steam', 'at' => now()->getTimestamp() - 200])->assertOk();
        $body = (string) $this->getJson(route('meal-cook.body', $cook->meal_cook_id))->json('body');
        self::assertStringContainsString('of 24 ways that it may be', $body);

        $this->event($cook, [
            'type' => 'steered', 'subject' => 'lid', 'setting' => 25, 'ring' => 'ring-1', 'stay' => 0, 'minutes' => 26,
        ])->assertOk()->assertSee('Turned to pearl');
        $this->event($cook, ['type' => 'cue', 'subject' => 'edge-straw'])->assertOk()->assertSee('The edge is straw');
        $this->event($cook, [
            'type' => 'steered', 'subject' => 'lid', 'setting' => 425, 'ring' => 'ring-1', 'stay' => 0, 'minutes' => 26,
        ])->assertJsonPath('events.0.status', 'refused');
        $this->event($cook, ['type' => 'served'])->assertOk();
        $this->get(route('cook.record', $cook))->assertOk()->assertSee('Under the lid')
            ->assertSee('turned as told to pearl')->assertSee('left alone it would have come')
            ->assertSee('The edge is straw')->assertSee('turned as told to pearl, on Ring 1; ');
    }

    public function test_what_is_right_too_seldom_asks_what_would_make_it_surer(): void
    {
        $dish = $this->dish();
        $this->patchJson(route('dish.change', $dish), [
            'path' => 'usual/eaters', 'value' => 2, 'view' => 'pot', 'version' => $dish->version,
        ])->assertOk();
        $this->get(route('heat.right', $dish))->assertOk()->assertSee('What would make it surer?');
        $this->get(route('heat.surer', $dish))->assertOk()->assertSee('of 24 kitchens, not in')
            ->assertSee('data-mend', false);
    }

    public function test_a_dish_whose_plan_fails_says_so_on_the_shelf_at_the_pot_and_before_it_is_started(): void
    {
        $dish = $this->dish();
        $this->get('/shelf')->assertDontSee('burns from minute');
        $this->patchJson(route('dish.change', $dish), [
            'path' => 'heat:take', 'value' => [['minutes' => 60, 'setting' => 1]], 'view' => 'pot',
            'version' => $dish->version,
        ])->assertOk();
        $this->get('/shelf')->assertSee('The base burns from minute');
        $this->get(route('pot', $dish))->assertSeeInOrder(
            ['Not right as planned', 'The base burns from minute', 'Start the cook']
        );
        $this->get(route('heat.mends', $dish))->assertOk()->assertSee('Take the heat found for this pot');
        $this->get(route('heat.right', $dish))->assertOk()->assertSee('Right in 0 of 24');
    }

    public function test_a_remembered_heat_tells_the_same_as_one_found_anew(): void
    {
        $dish = $this->dish()->core();
        $planned = static fn (?FoundLines $lines): array => (static fn ($heating): array => [
            $heating?->line(), $heating?->colours(), $heating?->window(0),
        ])(Planner::in(Kitchen::core(), Household::known(), CarbonImmutable::now(), $lines)->plan($dish)->heating());
        $lines = new RememberedLines(Cache::store('drawn'));
        $planned($lines);

        self::assertNotNull($planned($lines)[2]);
        self::assertEquals($planned(null), $planned($lines));
    }

    public function test_the_heats_for_one_guest_more_or_less_are_found_beside_the_page(): void
    {
        $lines = Cache::store('drawn');
        $lines->clear();
        $dish = $this->dish();
        $searchedFor = static function (int $eaters) use ($dish, $lines): int {
            $counting = new class($lines) implements FoundLines
            {
                public int $searched = 0;

                public function __construct(private Repository $lines)
                {
                }

                public function line(string $of, string $ring, callable $find): FoundLine
                {
                    return (new RememberedLines($this->lines))->line($of, $ring, function () use ($find): FoundLine {
                        $this->searched++;

                        return $find();
                    });
                }
            };
            Planner::in(Kitchen::core(), Household::known(), CarbonImmutable::now(), $counting)
                ->plan($dish->core()->changed('usual/eaters', $eaters));

            return $counting->searched;
        };

        $eaters = $dish->core()->table->eaters;
        $this->get(route('heat.near', $dish))->assertNoContent();
        self::assertSame([0, 0], [$searchedFor($eaters - 1), $searchedFor($eaters + 1)]);
        self::assertSame(1, $searchedFor($eaters + 2));

        // At the ends there is nobody to be less or more.
        $dish->forceFill(['document' => $dish->core()->changed('usual/eaters', 1)->toArray()])->save();
        $this->get(route('heat.near', $dish))->assertNoContent();
    }

    public function test_a_rescue_is_only_for_a_closed_pot(): void
    {
        $this->getJson(route('cook.rescue', [$this->begun(), 'pale']))->assertStatus(422)->assertJsonFragment([
            'message' => 'complaint: the lid is not on; ask while the pot is closed.',
        ]);
    }

    private function closed(): Cook
    {
        $cook = $this->begun();
        $now = now()->getTimestamp();
        $events = [];
        foreach ($cook->plan()->day->schedule->tasks as $id => $task) {
            foreach (['started', 'done'] as $type) {
                $events[] = ['id' => (string) Str::ulid(), 'type' => $type, 'at' => $now - 400, 'subject' => $id];
            }
            if ($id === 'layer') {
                break;
            }
        }
        $this->postJson(route('cook.events', $cook), ['events' => $events])->assertOk();

        return $cook->refresh();
    }

    /**
     * @param  array<string, mixed>  $event
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function event(Cook $cook, array $event): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(
            route('cook.events', $cook),
            ['events' => [$event + ['id' => (string) Str::ulid(), 'at' => now()->getTimestamp()]], 'body' => true],
        );
    }
}
