<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotLoad;

/** A meal at the stove: begun once, told by several phones, noted dish by dish. */
final class MealCookTest extends FeatureTestCase
{
    public function test_it_is_begun_once_and_stands_on_shelf_and_stove(): void
    {
        $meal = $this->meal();
        $id = (string) Str::ulid();
        $cooks = Cook::query()->count();
        $first = $this->post(
            route('meal-cook.begin', $meal), ['cook' => $id, 'when' => 'planned'],
        )->assertRedirect()->headers->get('Location');
        self::assertSame(
            $first, $this->post(route('meal-cook.begin', $meal), ['cook' => $id])->headers->get('Location'),
        );
        self::assertSame($first, $this->post(
            route('meal-cook.begin', $meal), ['cook' => (string) Str::ulid()],
        )->headers->get('Location'));
        $this->post(
            route('meal-cook.begin', $meal), ['cook' => 'x'],
        )->assertStatus(422)->assertSee('load the page again');

        self::assertSame($cooks + 2, Cook::query()->count(), 'a cook for each dish');
        $this->get('/stove')->assertRedirect((string) $first);
        $this->get('/shelf')->assertSee('Back to '.$meal->name);
        $this->get(route('meal', $meal))->assertSee('Back to the stove');
        app()->forgetScopedInstances();
        $page = (string) $this->get((string) $first)->assertOk()->assertSee('Rinse and soak')->getContent();
        self::assertLessThan(60_000, strlen($page));
        $dish = MealCook::query()->whereNotNull('meal')->firstOrFail()->dishes->firstOrFail();
        $this->get(route('cook', $dish))->assertRedirect((string) $first);
        $this->get('/notebook')->assertOk()->assertSee($dish->name);
    }

    public function test_a_sooner_table_is_of_the_whole_meal_whichever_dish_its_button_stood_with(): void
    {
        $this->post(route('meal-cook.begin', $this->meal()), [
            'cook' => $id = (string) Str::ulid(), 'when' => 'planned',
        ])->assertRedirect();
        $cook = MealCook::query()->findOrFail(strtolower($id));
        $now = app(PracticeClock::class)->now();
        $this->postJson(route('meal-cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => 'sooner', 'minutes' => 90, 'dish' => 1, 'at' => $now->getTimestamp(),
        ]]])->assertOk();
        $fold = $cook->refresh()->fold($now);

        self::assertSame(-90, $fold->lateMin());
        self::assertSame(-90, $fold->dishes[1]->state->lateMin);
        $was = $fold->began->tableAt->getTimestamp();
        self::assertSame($was - 90 * 60, $fold->situation()->tableAt->getTimestamp());
    }

    public function test_of_a_meal_of_another_day_it_is_asked_whether_it_is_cooked_now(): void
    {
        $meal = $this->meal();
        $table = new DateTimeImmutable($meal->core()->serveAt, Kitchen::core()->site->timezone);
        $id = (string) Str::ulid();
        $this->post(route('meal-cook.begin', $meal), ['cook' => $id])->assertStatus(409)
            ->assertSee('Is it cooked now?')->assertSee($id)->assertSee($table->format('l j F'));
        self::assertNull(MealCook::openOf($meal), 'nothing is begun by asking');
        $this->post(route('meal-cook.begin', $meal), ['cook' => $id, 'when' => 'soon'])
            ->assertStatus(422)->assertSee('soon');

        $this->post(route('meal-cook.begin', $meal), ['cook' => $id, 'when' => 'now'])->assertRedirect();
        $cook = MealCook::openOf($meal->refresh());
        self::assertNotNull($cook);
        self::assertLessThan($table->getTimestamp(), $cook->table_at?->getTimestamp() ?? INF);
        $page = $this->get(route('meal-cook', $cook))->assertOk()->assertSee('on time');
        self::assertStringNotContainsString('later than planned', (string) $page->getContent());
        $cook->giveUp(app(PracticeClock::class)->now());

        $this->post(route('meal-cook.begin', $meal), ['cook' => (string) Str::ulid()])->assertRedirect();
    }

    public function test_the_plan_stays_as_it_was_begun(): void
    {
        $cook = $this->begunMeal();
        $starts = $cook->plan()->laid->starts;
        $this->patchJson(
            route('meal.change', $this->meal()), ['path' => 'hands', 'value' => 1, 'version' => 1],
        )->assertOk();
        $again = MealCook::query()->findOrFail($cook->id);

        self::assertSame($starts, $again->plan()->laid->starts);
        self::assertSame(2, $again->plan()->meal->hands);
        $this->meal()->delete();
        $this->get(route('meal-cook', $cook))->assertOk();
    }

    public function test_it_keeps_its_heats_whatever_would_be_found_now(): void
    {
        $cook = $this->begunMeal();
        $heats = $cook->refresh()->heats ?? self::fail('none are kept');
        $lines = static fn (MealCook $of): array => array_merge(...array_map(
            static fn (Plan $plan): array => array_map(
                static fn (PotLoad $load): array => [$load->line(), $load->heating?->colours()], $plan->potted->loads,
            ), $of->plan()->plans,
        ));
        $began = $lines($cook);
        Cache::store('drawn')->clear();
        self::assertEquals($began, $lines(MealCook::query()->findOrFail($cook->id)), 'as they were told');

        // As other laws would have found them: what stands is gone by.
        self::assertIsArray($heats[0]['line']);
        $heats[0]['line'][0]['after'] = ($heats[0]['line'][0]['after'] ?? 0) + 3;
        $cook->update(['heats' => $heats]);
        $again = $lines(MealCook::query()->findOrFail($cook->id));
        self::assertSame($began[0][0][0]->length() + 3, $again[0][0][0]->length());
        self::assertEquals($began[1], $again[1]);
    }

    public function test_events_reach_their_dish_each_once_and_each_is_answered_for(): void
    {
        $cook = $this->begunMeal();
        $rinse = $this->event('started', ['subject' => 'rinse', 'dish' => 0, 'who' => 1]);
        $theirs = $this->event('started', ['subject' => 'rinse']);
        $other = $this->begun();
        $this->postJson(
            route('cook.events', $other), ['events' => [$theirs]],
        )->assertJsonPath('events.0.status', 'taken');
        $this->tell($cook, [
            $rinse, $rinse, ['dish' => 7] + $this->event('done', ['subject' => 'rinse']), $theirs + ['dish' => 1],
            $this->event('late', ['minutes' => 10]), 7,
        ])->assertOk()
            ->assertJsonPath('events.0.status', 'taken')->assertJsonPath('events.1.status', 'taken')
            ->assertJsonPath('events.2', ['status' => 'refused', 'message' => 'dish: 7 is out of range; give 0 to 1.'])
            ->assertJsonPath('events.3.status', 'refused')->assertJsonPath('events.4.status', 'taken')
            ->assertJsonPath('events.5.status', 'refused');
        self::assertSame(
            [0, null], CookEvent::query()->where('meal_cook_id', $cook->id)->orderByDesc('dish')->pluck('dish')->all(),
        );
        $this->tell($cook, [$rinse])->assertJsonPath('events.0.status', 'known');
        // A guest more is told of a dish by itself too; what is sent as a dish's own is of that dish.
        $this->postJson(route('cook.events', $other), ['events' => [$this->event('eaters', ['eaters' => 3])]])
            ->assertJsonPath('events.0.status', 'taken');
        $this->postJson(route('cook.events', $cook->dishes[0]), ['events' => [$rinse]])
            ->assertJsonPath('events.0.status', 'known');
    }

    public function test_two_phones_see_the_same_and_nothing_is_sent_where_nothing_happened(): void
    {
        $cook = $this->begunMeal();
        $mine = $this->getJson(route('meal-cook.body', $cook).'?who=1')->assertOk();
        $seen = (string) $mine->json('seen');
        $this->get(route('meal-cook.body', $cook).'?who=1&seen='.$seen)->assertNoContent();
        $this->tell($cook, [$this->event('started', ['subject' => 'rinse', 'dish' => 0, 'who' => 2])], 2)
            ->assertSee('Rinsed, soaking');
        $now = $this->getJson(route('meal-cook.body', $cook).'?who=1&seen='.$seen)->assertOk();
        self::assertStringContainsString('hands 2', (string) $now->json('body'), 'the other has it');
        self::assertStringNotContainsString('data-task="d1/rinse"', (string) $now->json('body'));
        $this->getJson(route('meal-cook.body', $cook).'?who=9')->assertStatus(422);
        $this->getJson(route('meal-cook.body', $cook).'?who[]=1')->assertOk();
    }

    public function test_served_each_dish_is_noted_and_teaches(): void
    {
        $cook = $this->begunMeal();
        $at = $cook->plan()->at(-60);
        $this->goTo($cook->plan()->tableAt);
        $events = [];
        foreach ($cook->plan()->tasks as $id => $task) {
            foreach (['started' => $cook->plan()->start($id), 'done' => $cook->plan()->end($id)] as $type => $minute) {
                $events[] = ['at' => (float) $cook->plan()->at($minute)->format('U')]
                    + $this->event(
                        $type, ['subject' => $task->task] + ($task->dish === null ? [] : ['dish' => $task->dish]),
                    );
            }
        }
        $this->tell($cook, $events)->assertOk()->assertSee('Everyone sits');
        $out = $this->event('left-out', ['of' => 1]);
        $this->tell($cook, [$this->event('served')])->assertSee('How did it come out?');
        foreach ([0, 1] as $dish) {
            $this->tell($cook, [$this->event('noted', ['dish' => $dish, 'outcome' => [
                'rice' => 'right', 'crust' => 'golden', 'filling' => 'right', 'line' => "Dish {$dish}",
            ]])])->assertOk();
        }
        $cook->refresh();
        self::assertNotNull($cook->served_at);
        foreach ($cook->dishes()->get() as $place => $dish) {
            self::assertSame("Dish {$place}", $dish->summary['line'] ?? null);
            self::assertArrayHasKey('used', $dish->summary ?? []);
            self::assertNotNull($dish->served_at);
            $this->get(route('cook.record', $dish))->assertOk();
        }
        self::assertTrue(
            $cook->dishes()->get()->contains(static fn (Cook $one): bool => isset($one->summary['stove']))
        );
        self::assertSame(0, Artisan::call('orbek:knowledge'));
        $this->get('/stove')->assertSee('Nothing on the stove');
        self::assertLessThan($cook->plan()->tableAt, $at);

        // Left out after all: it is no longer a dish that was served.
        $this->tell($cook, [$out])->assertOk();
        self::assertNull($cook->dishes()->where('place', 1)->firstOrFail()->served_at);
        self::assertNotNull($cook->dishes()->where('place', 1)->firstOrFail()->given_up_at);
        $this->tell($cook, [$this->event('undone', ['subject' => $out['id']])])->assertOk();
        self::assertNotNull($cook->dishes()->where('place', 1)->firstOrFail()->served_at);
    }

    public function test_given_up_it_leaves_the_stove_and_can_be_taken_up_again(): void
    {
        $cook = $this->begunMeal();
        $this->post(route('meal-cook.give-up', $cook))->assertRedirect(route('shelf'));
        $this->get('/shelf')->assertSee('is given up');
        $this->get('/stove')->assertSee('Nothing on the stove');
        $this->post(route('meal-cook.give-up', $cook), ['up' => '1'])->assertRedirect(route('meal-cook', $cook));
        $this->get('/stove')->assertRedirect(route('meal-cook', $cook));
        self::assertSame(0, DB::table('cooks')->where('meal_cook_id', $cook->id)->whereNotNull('given_up_at')->count());
    }

    private function meal(): Meal
    {
        return Meal::query()->where('name', 'like', 'Winter supper%')->firstOrFail();
    }

    private function begunMeal(): MealCook
    {
        $this->goTo(new DateTimeImmutable($this->meal()->serve_at.' -5 hours', Kitchen::core()->site->timezone));
        $this->post(
            route('meal-cook.begin', $this->meal()), ['cook' => (string) Str::ulid(), 'when' => 'planned'],
        )->assertRedirect();

        return MealCook::query()->latest('id')->firstOrFail();
    }

    private function goTo(DateTimeImmutable $at): void
    {
        $clock = app(PracticeClock::class);
        $clock->putForward($at->getTimestamp() - $clock->now()->getTimestamp());
    }

    /**
     * @param  list<mixed>  $events
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function tell(MealCook $cook, array $events, ?int $who = null): TestResponse
    {
        return $this->postJson(route('meal-cook.events', $cook), [
            'events' => $events, 'body' => true,
        ] + ($who === null ? [] : ['who' => $who]));
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function event(string $type, array $more = []): array
    {
        return [
            'id' => (string) Str::ulid(), 'type' => $type, 'at' => app(PracticeClock::class)->now()->getTimestamp(),
        ] + $more;
    }
}
