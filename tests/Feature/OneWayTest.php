<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A dish by itself is a meal of one: all that a meal can, it can; and what a dish could, a meal can. */
final class OneWayTest extends FeatureTestCase
{
    public function test_begun_at_the_pot_its_first_task_is_now_and_its_table_as_soon_as_it_can_be(): void
    {
        $cook = $this->begun()->ofMeal();
        $fold = $cook->fold($this->now());
        $situation = $fold->situation();
        self::assertEquals($fold->now, $situation->startsAt((string) $situation->nowFor(null)));
        self::assertLessThan(
            310 - 60 * $cook->plan()->firstStart(), $situation->tableAt->getTimestamp() - $fold->now->getTimestamp(),
        );
        $body = (string) $this->getJson(route('meal-cook.body', $cook))->assertOk()->json('body');
        self::assertStringNotContainsString('min late', str_replace('We are 10 min late', '', strip_tags($body)));
        self::assertSame('d1/rinse', $situation->nowFor(null), 'what is done first');
    }

    public function test_a_guest_more_a_ring_that_fails_and_another_pair_of_hands_are_told_of_a_dish_by_itself(): void
    {
        $this->patchJson(
            route('dish.change', $this->dish()), ['path' => 'usual/side_dishes', 'value' => 2, 'version' => 1],
        )->assertOk();
        $cook = $this->begun()->ofMeal();
        $before = $cook->plan()->plans[0]->totals->rice()->amount;
        $body = (string) $this->tell($cook, [['type' => 'eaters', 'eaters' => 10]])->json('body');
        self::assertStringContainsString('What has changed', $body);
        $fold = $this->again($cook)->fold($this->now());
        self::assertGreaterThan($before, $fold->dishes[0]->plan()->totals->rice()->amount);
        self::assertSame(2, $fold->dishes[0]->plan()->dish->table->sideDishes, 'what else fills stays');

        $body = (string) $this->tell($cook, [['type' => 'hands', 'hands' => 2]])->json('body');
        self::assertStringContainsString('2 pairs of hands cook from now on.', $body);
        self::assertStringContainsString('data-who="2"', $body);
        $this->tell($cook, [['type' => 'started', 'subject' => 'rinse', 'dish' => 0, 'who' => 2]]);
        $fold = $this->again($cook)->fold($this->now());
        self::assertSame([2, 2], [$fold->hands, $fold->takenBy('d1/rinse')]);
        self::assertNotSame('d1/rinse', $fold->situation()->nowFor(1), 'the other has it');
        self::assertSame('d1/rinse', $fold->situation()->nowFor(2));

        $ring = $fold->dishes[0]->plan()->dish->lid->ring;
        $body = (string) $this->tell($cook, [['type' => 'ring-failed', 'ring' => $ring]])->json('body');
        self::assertStringContainsString('What has changed', $body);
        $moved = $this->again($cook)->fold($this->now())->dishes[0]->plan()->dish->lid->ring;
        self::assertNotSame($ring, $moved, 'it goes to another');
        $this->tell($cook, [['type' => 'hands', 'hands' => 7]])->assertJsonPath(
            'events.0.message', 'hands: 7 is out of range; give 1 to 6.',
        );
    }

    public function test_what_comes_next_is_told_before_its_turn_and_begins_by_itself_where_it_does(): void
    {
        $cook = $this->begun()->ofMeal();
        $this->tell($cook, [['type' => 'started', 'subject' => 'boil', 'dish' => 0]]);
        $fold = $this->again($cook)->fold($this->now());
        self::assertSame('d1/boil', $fold->situation()->nowFor(null), 'a boil comes first');
        self::assertContains('d1/drain', $fold->situation()->coming);
        self::assertTrue($fold->situation()->followsAtOnce('d1/drain'));
        self::assertFalse($fold->situation()->followsAtOnce('d1/filling-1'));
    }

    public function test_a_whole_meal_is_practised_on_a_clock_of_its_own(): void
    {
        $known = Household::known()->toArray();
        $meal = Meal::query()->where('name', 'like', 'Two biryanis%')->firstOrFail();
        $this->get('/drill')->assertOk()->assertSee($meal->name);
        $this->post(route('supper.begin'), ['dish' => $meal->id])->assertRedirect();
        $cook = MealCook::ofAnyKind()->whereNotNull('practice')->firstOrFail();
        self::assertSame(2, $cook->dishes->count());
        $clock = app(PracticeClock::class)->ofCook($cook);
        self::assertEqualsWithDelta(20, $clock->face()['speed'], 1e-9);
        $fold = $cook->fold($clock->now());
        self::assertLessThan(360, $fold->situation()->tableAt->getTimestamp()
            + 60 * $cook->plan()->firstStart() - $clock->now()->getTimestamp(), 'its table is as soon as it can be');
        $this->get(route('meal-cook', $cook))->assertOk()->assertSee('Practice.')->assertSee('+10 min')
            ->assertSee('Look, feel, smell: Turkey')->assertSee('Look, feel, smell: Jackfruit');
        foreach ($cook->dishes as $dish) {
            $this->get(route('supper.senses', $dish))->assertOk()->assertSee('Nothing to feel');
        }
        foreach ($cook->plan()->tasks as $task) {
            $clock->putForward(60.0 * $task->job->minutes);
            $tap = static fn (string $type): array => [
                'id' => (string) Str::ulid(), 'type' => $type, 'subject' => $task->task, 'dish' => $task->dish,
                'at' => $clock->now()->getTimestamp(),
            ];
            $this->postJson(route('meal-cook.events', $cook), ['events' => [$tap('started'), $tap('done')]])
                ->assertOk()->assertJsonPath('events.1.status', 'taken');
        }
        $this->postJson(route('meal-cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => 'served', 'at' => $clock->now()->getTimestamp(),
        ]]])->assertOk();
        $this->get(route('meal-cook', $cook))->assertOk()->assertSee('The practice is over');
        $this->get(route('supper.end', $cook))->assertOk()->assertSee('What each decision cost')
            ->assertSeeInOrder(['<h2>Turkey', '<h2>Jackfruit'], false);
        self::assertEquals($known, Household::known()->toArray());
        self::assertNull(MealCook::onTheStove($clock->now()));
        self::assertSame(0, Cook::query()->where('meal_cook_id', $cook->id)->count(), 'it stands in no list');
    }

    private function now(): DateTimeImmutable
    {
        return app(PracticeClock::class)->now();
    }

    private function again(MealCook $cook): MealCook
    {
        return MealCook::query()->findOrFail($cook->id);
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function tell(MealCook $cook, array $events): TestResponse
    {
        return $this->postJson(route('meal-cook.events', $cook), ['body' => true, 'events' => array_map(
            fn (array $one): array => ['id' => (string) Str::ulid(), 'at' => $this->now()->getTimestamp()] + $one, $events,
        )]);
    }
}
