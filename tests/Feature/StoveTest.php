<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Core\Sample;

final class StoveTest extends FeatureTestCase
{
    public function test_start_pressed_twice_begins_one_cook(): void
    {
        $before = Cook::query()->count();
        $id = (string) Str::ulid();
        $first = $this->post(route('cook.begin', $this->dish()), ['cook' => $id])->headers->get('Location');
        $second = $this->post(route('cook.begin', $this->dish()), ['cook' => $id])->headers->get('Location');
        // Another window, another id: the dish is on the stove already.
        $third = $this->post(
            route('cook.begin', $this->dish()),
            ['cook' => (string) Str::ulid()],
        )->headers->get('Location');

        self::assertSame($first, $second);
        self::assertSame($first, $third);
        self::assertSame($before + 1, Cook::query()->count());
        $this->get('/stove')->assertRedirect((string) $first);
        self::assertSame(Cook::query()->findOrFail(strtolower($id))->meal_cook_id, strtolower($id));
    }

    public function test_a_cook_without_an_id_is_not_begun(): void
    {
        $this->post(
            route('cook.begin', $this->dish()),
            ['cook' => 'x'],
        )->assertStatus(422)->assertSee('load the page again');
        $this->get('/stove')->assertSee('Nothing on the stove');
    }

    public function test_events_are_taken_once_however_often_they_come(): void
    {
        $cook = $this->begun();
        $started = self::event('started', 'rinse', time());
        $this->send($cook, [$started])->assertOk()->assertSee('Rinsed, soaking', false);
        $this->send($cook, [$started, self::event('done', 'rinse', time() + 60)])->assertOk()->assertSee('Rice soaks');

        self::assertSame(2, CookEvent::query()->where('meal_cook_id', $cook->id)->count());
    }

    public function test_each_event_is_answered_for_and_a_bad_one_does_not_hold_the_good(): void
    {
        $cook = $this->begun();
        $other = $this->begunOf('Turkey and plum biryani');
        $theirs = self::event('started', 'rinse', time());
        $this->send($other, [$theirs])->assertJsonPath('events.0.status', 'taken');
        $good = self::event('started', 'rinse', time());

        $this->send(
            $cook,
            [
                $good, ['id' => 'x'] + $good, $theirs, self::event('done', 'rinse', time() - 86400),
                self::event('done', 'rinse', time() + 3600), 7,
            ],
        )
            ->assertOk()->assertJsonPath('events.0.status', 'taken')
            ->assertJsonPath(
                'events.1',
                ['status' => 'refused', 'message' => 'id: "x" is no ULID; give 26 characters of Crockford\'s base 32.'],
            )
            ->assertJsonPath(
                'events.2',
                [
                    'status' => 'refused',
                    'message' => 'id: another cook has this event; load the page again and tap once more.',
                ],
            )
            ->assertJsonPath('events.3.status', 'refused')->assertSee(
                'is before this cook began; set the clock of the device right',
            )
            ->assertJsonPath('events.4.status', 'refused')->assertSee(
                'is yet to come; set the clock of the device right',
            )
            ->assertJsonPath('events.5.status', 'refused');
        $this->send($cook, [$good])->assertJsonPath('events.0.status', 'known');

        self::assertSame(1, CookEvent::query()->where('meal_cook_id', $cook->id)->count());
    }

    public function test_a_ring_or_a_plate_that_the_kitchen_has_not_is_said_back_and_not_taken_for_another(): void
    {
        $cook = $this->begun();
        $told = ['setting' => 40, 'stay' => 0, 'minutes' => 20];
        $this->send($cook, [
            self::event('steered', 'lid', time()) + ['ring' => 'ring-9'] + $told,
            self::event('steered', 'lid', time()) + ['ring' => 'ring-1', 'plate' => 'slate'] + $told,
            self::event('heat-set', 'heat', time()) + ['setting' => 40, 'ring' => 'ring-9'],
            self::event('ring-failed', 'ring', time()) + ['ring' => 'ring-9'],
            self::event('steered', 'lid', time()) + ['ring' => 'ring-1', 'plate' => 'tava'] + $told,
        ])->assertOk()->assertJsonPath('events.0.status', 'refused')->assertJsonPath('events.1.status', 'refused')
            ->assertJsonPath('events.2.status', 'refused')->assertJsonPath('events.3.status', 'refused')
            ->assertJsonPath('events.4.status', 'taken')->assertSee('ring: \\"ring-9\\" is not known', false)
            ->assertSee('plate: \\"slate\\" is not known', false);
    }

    public function test_what_no_event_says_is_not_kept_with_it(): void
    {
        $cook = $this->begun();
        $this->send(
            $cook,
            [['blob' => str_repeat('x', 300_000)] + self::event('started', 'rinse', time())],
        )->assertJsonPath('events.0.status', 'taken');

        self::assertSame(
            ['id', 'type', 'at', 'subject'],
            array_keys(CookEvent::query()->where('meal_cook_id', $cook->id)->firstOrFail()->document),
        );
    }

    public function test_a_list_of_events_that_is_none_is_refused(): void
    {
        $cook = $this->begun();
        $this->send($cook, [])->assertStatus(422);
        $this->postJson(route('cook.events', $cook), ['events' => 'all'])->assertStatus(422)->assertJsonPath(
            'message',
            'events: is missing; give a list of 1 to 500.',
        );
        $this->postJson(route('cook.events', $cook), [])->assertStatus(422);

        self::assertSame(0, CookEvent::query()->where('meal_cook_id', $cook->id)->count());
    }

    public function test_the_plan_of_a_cook_stays_as_it_was_when_the_dish_changes(): void
    {
        $cook = $this->begun();
        $this->patchJson(
            route('dish.change', $this->dish()),
            ['path' => 'usual/eaters', 'value' => 3, 'version' => 1],
        )->assertOk();

        self::assertSame(9, $cook->refresh()->plan()->dish->table->eaters);
    }

    public function test_the_grains_course_comes_with_the_boil(): void
    {
        $cook = $this->begun();
        $at = time();
        $page = $this->send(
            $cook,
            [self::event('started', 'boil', $at)],
        )->assertOk()->assertSee('Test a grain, then lift')->json('body');
        self::assertSame(1, preg_match('~data-course>(.*?)</script>~s', is_string($page) ? $page : '', $found));
        $course = json_decode($found[1], true)['course'];

        self::assertSame([0, 1, 'snaps with a dry white body'], $course[0]);
        self::assertEqualsWithDelta(
            sqrt(1 - Sample::boil($cook->plan())->forecast->donenessAfter(300)),
            $course[60][1],
            1e-3,
        );
        $this->send(
            $cook,
            [self::event('done', 'boil', $at + 350), self::event('served', null, $at + 500)],
        )->assertOk()->assertSee('How did it come out?');
        self::assertSame(350, $cook->refresh()->summary['lifted_s'] ?? null);
        self::assertNotNull($cook->served_at);
    }

    public function test_an_event_that_came_while_the_page_was_made_is_still_to_be_seen(): void
    {
        $cook = $this->begun()->ofMeal();
        $now = app(PracticeClock::class)->now();
        $cook->fold($now);
        $this->postJson(route('meal-cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => 'started', 'subject' => 'rinse', 'at' => $now->getTimestamp(),
        ]]])->assertOk()->assertJsonPath('events.0.status', 'taken');
        self::assertSame([0, 1], [$cook->countFolded(), $cook->events()->count()]);
        $again = MealCook::query()->findOrFail($cook->id);
        $again->fold($now);
        self::assertSame(1, $again->countFolded());
    }

    public function test_script_in_a_line_stays_text(): void
    {
        $cook = $this->begun();
        $outcome = [
            'rice' => 'right', 'crust' => 'golden', 'filling' => 'right', 'line' => '<script>alert(1)</script> سبزی',
        ];
        $this->send(
            $cook,
            [self::event('served', null, time()), ['outcome' => $outcome] + self::event('noted', null, time())],
        )->assertOk();

        $this->get('/notebook')->assertOk()->assertSee(
            '<script>alert(1)</script> سبزی',
        )->assertDontSee('<script>alert(1)', false);
    }

    public function test_the_practice_clock_moves_the_stove_and_is_not_there_without_stand_ins(): void
    {
        $this->postJson('/practice-clock', ['forward_s' => 3600])->assertNoContent();
        $this->get('/shelf')->assertSee('Practice clock');
        $this->postJson('/practice-clock', ['speed' => 1000])->assertStatus(422)->assertJsonPath(
            'message',
            'speed: 1000 is out of range; give 1 to 240 times.',
        );
        $this->postJson('/practice-clock', ['real' => 1])->assertNoContent();
        $this->get('/shelf')->assertDontSee('Practice clock');

        config(['orbek.stand_ins' => false]);
        $this->postJson('/practice-clock', ['forward_s' => 60])->assertNotFound();
    }

    /**
     * @param  list<mixed>  $events
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(Cook $cook, array $events): TestResponse
    {
        return $this->postJson(route('cook.events', $cook), ['events' => $events, 'body' => true]);
    }

    /** @return array<string, mixed> */
    private static function event(string $type, ?string $subject, int $at): array
    {
        return [
            'id' => (string) Str::ulid(),
            'type' => $type,
            'at' => $at,
        ] + ($subject === null ? [] : ['subject' => $subject]);
    }
}
