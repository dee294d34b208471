<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LotTest;
use App\Models\Meal;
use App\Models\MealCook;
use App\Models\StoveTest;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Learning\Knowledge;
use PDO;

/** A database made by an older edition comes over with every dish, cook and lesson. */
final class OlderEditionsTest extends TestCase
{
    private const MIGRATED_AT = '2026-11-28 08:00:00';

    private const DISH = '01kb9n0000000000000000000a';

    private const MEAL = '01kb9n0000000000000000000b';

    private const PRACTICE = '01kb9n0000000000000000000c';

    private string $file;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        // Amid the tables of its dishes: those behind are none any more, those ahead become meals.
        $this->comesOver('edition-1', self::MIGRATED_AT);
    }

    /** @param  list<string>  $more SQL that makes it otherwise before it comes over */
    private function comesOver(string $edition, string $at, array $more = []): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'orbek-old');
        file_put_contents(
            $this->file, (string) gzdecode((string) file_get_contents(dirname(__DIR__)."/data/{$edition}.sqlite.gz")),
        );
        $old = new PDO("sqlite:{$this->file}");
        foreach ($more as $sql) {
            self::assertSame(1, $old->exec($sql), $sql);
        }
        unset($old);
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        $this->travelTo($at);
        Cache::forever('practice-clock', ['shown' => now()->getTimestamp(), 'real' => microtime(true), 'speed' => 1]);
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        app()->instance(Household::class, Household::query()->firstOrFail());
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_nothing_is_lost(): void
    {
        self::assertSame(
            [7, 1, 7, 228, 1, 1, 1],
            [
                Dish::query()->count(), Dish::onlyTrashed()->count(), Cook::query()->count(),
                CookEvent::query()->count(), DishVersion::query()->count(), LotTest::query()->count(),
                StoveTest::query()->count(),
            ],
        );
        self::assertSame('Boathouse kitchen', Kitchen::core()->name);
        foreach (Dish::withTrashed()->get() as $dish) {
            self::assertSame($dish->name, $dish->core()->name);
        }
    }

    public function test_dates_and_guests_of_dishes_are_meals_now_and_cooks_keep_their_table(): void
    {
        foreach (Dish::withTrashed()->get() as $dish) {
            self::assertSame('orbek-dish/2', $dish->document['format']);
            self::assertArrayNotHasKey('table', $dish->document);
            self::assertGreaterThan(0, $dish->core()->table->eaters);
        }
        $ahead = array_filter(self::tables(), static fn (string $at): bool => $at >= '2026-11-28T08:00');
        self::assertSame([5, 5], [count($ahead), Meal::query()->count()]);
        foreach (Meal::query()->get() as $meal) {
            $dish = Dish::query()->findOrFail($meal->core()->shares[0]->dish);
            self::assertSame($ahead[$dish->id], $meal->serve_at);
            self::assertSame([$dish->name, $dish->core()->table->eaters], [$meal->name, $meal->core()->eaters]);
            $this->get(route('meal', $meal))->assertOk();
        }
        foreach (Cook::query()->get() as $cook) {
            self::assertSame(
                $cook->dish['table']['serve_at'], $cook->plan()->day->tableAt->format('Y-m-d\TH:i'), $cook->name,
            );
        }
    }

    /** @return array<string, string> when each dish on the shelf was to be on the table, before it came over */
    private static function tables(): array
    {
        $old = (string) tempnam(sys_get_temp_dir(), 'orbek-old');
        file_put_contents(
            $old, (string) gzdecode((string) file_get_contents(dirname(__DIR__).'/data/edition-1.sqlite.gz')),
        );
        $tables = [];
        $rows = (new PDO("sqlite:{$old}"))->query('select id, document from dishes where deleted_at is null');
        foreach ($rows === false ? [] : $rows->fetchAll(PDO::FETCH_KEY_PAIR) as $id => $document) {
            $tables[(string) $id] = json_decode((string) $document, true)['table']['serve_at'];
        }
        unlink($old);

        return $tables;
    }

    public function test_what_was_known_is_known(): void
    {
        // As the older edition reckoned it; what is not taught is taken to scatter wider now.
        foreach (
            [
                'september-bag' => [0.9311, 0.0442, 1980.0],
                'lakeside-sack' => [1.2111, 0.1080, 0.0],
            ] as $bag => [$likely, $sd, $used]
        ) {
            self::assertEqualsWithDelta($likely, Household::known()->bag($bag)->likely(), 0.06 * $likely, $bag);
            self::assertEqualsWithDelta($sd, Household::known()->bag($bag)->sd(), 0.2 * $sd, $bag);
            self::assertEqualsWithDelta($used, Household::known()->usedG($bag), 1.0, $bag);
        }
        foreach (['ring-1' => 1.0070, 'ring-2' => 1.1226] as $ring => $likely) {
            self::assertEqualsWithDelta(
                $likely, Household::known()->stove('steel-24', Kitchen::core()->equipment->rings[$ring])->likely(), 0.04, $ring,
            );
        }
        self::assertSame(0, Artisan::call('orbek:knowledge'));
    }

    public function test_cooks_are_read_again_under_the_laws_of_now_and_that_is_told_once(): void
    {
        $this->get('/notebook')->assertDontSee('was read again');
        $before = Household::known();
        self::assertSame(0, Artisan::call('orbek:knowledge', ['--mend' => true, '--older' => true]));
        self::assertStringContainsString('read again', Artisan::output());
        $household = Household::query()->firstOrFail();
        self::assertSame(Knowledge::LAWS, $household->laws);
        self::assertEquals($before->toArray(), $household->retold['was'] ?? null);
        self::assertSame(0.0, round(Household::known()->distance(Household::foldedAgain()), 3));
        $noted = MealCook::query()->whereHas('dishes', static fn ($dishes) => $dishes->whereNotNull('summary'))->get();
        self::assertCount($household->retold['cooks'] ?? 0, $noted);
        foreach ($noted as $cook) {
            self::assertNotNull($cook->heats, 'from here on they stay');
        }
        foreach (Cook::query()->whereNotNull('summary')->get() as $cook) {
            self::assertEquals($cook->reckoned($cook->fold(now()->toDateTimeImmutable()))['summary'], $cook->summary, $cook->name);
        }

        $this->get('/notebook')->assertSee('was read again')->assertSee($noted->count().' cooks');
        $this->post(route('notebook.read'))->assertRedirect(route('notebook'));
        $this->get('/notebook')->assertDontSee('was read again');
        self::assertSame(0, Artisan::call('orbek:knowledge', ['--mend' => true]));
        self::assertStringNotContainsString('read again', Artisan::output(), 'once is enough');
    }

    public function test_every_place_opens(): void
    {
        $open = MealCook::query()->open()->first() ?? self::fail('one was open');
        $dish = Dish::query()->where('name', 'like', 'Sour%')->firstOrFail();
        foreach (
            [
                '/shelf', '/shelf/put-away', '/notebook', '/kitchen', '/kitchen/lots/september-bag', '/kitchen/stoves',
                '/drill', route('pot', $dish), route('clock', $dish), route('dish.versions', $dish),
                route('meal-cook', $open),
            ] as $path
        ) {
            $this->get($path)->assertOk();
        }
        $this->get('/shelf?find=walnut')->assertSee('Lentil, date and walnut polo')
            ->assertDontSee('<h2>Jackfruit', false);
        foreach (Cook::query()->get() as $cook) {
            $this->followingRedirects()->get(route('cook', $cook))->assertOk();
        }
    }

    /** Of one that begins five hours and a half after its own first tap, by a local clock. */
    public function test_a_cook_begins_with_its_first_tap(): void
    {
        $cook = Cook::query()->whereNotNull('served_at')->firstOrFail();
        $first = static fn (Cook $of): int => (int) DB::table('cook_events')->where('meal_cook_id', $of->meal_cook_id)
            ->selectRaw("min(json_extract(document, '$.at')) as first")->value('first');
        $late = gmdate('Y-m-d H:i:s', $first($cook) + 19800);
        $this->comesOver('edition-1', self::MIGRATED_AT, [
            "update cooks set started_at = '{$late}' where id = '{$cook->id}'",
        ]);
        $mended = Cook::query()->findOrFail($cook->id);
        self::assertSame($first($mended), $mended->started_at->getTimestamp());
        self::assertSame($first($mended), $mended->ofMeal()->started_at->getTimestamp());
    }

    /** Made by the last commit that cooked a dish in a way of its own: a dish, a meal and a practice on the stove. */
    public function test_cooks_that_are_on_the_stove_go_on_where_they_were(): void
    {
        $this->comesOver('edition-2', '2026-11-30 15:20:00');
        self::assertSame([10, 3, 239], [
            Cook::ofAnyKind()->whereNull('served_at')->count() + Cook::ofAnyKind()->whereNotNull('served_at')->count(),
            MealCook::ofAnyKind()->whereNull('served_at')->count(), CookEvent::query()->count(),
        ]);
        self::assertSame(0, Artisan::call('orbek:knowledge'), 'all that was taught is known');
        $dish = MealCook::query()->findOrFail(self::DISH);
        $fold = $dish->fold(now()->toDateTimeImmutable());
        self::assertTrue($fold->dishes[0]->state->progress['rinse']->isDone());
        self::assertSame('15:07', $fold->dishes[0]->state->progress['rinse']->doneAt?->format('H:i'), 'the undo holds');
        self::assertTrue($fold->dishes[0]->state->progress['filling-1']->isRunning());
        self::assertSame([10, ['raw-poultry']], [$fold->lateMin(), $fold->dishes[0]->state->cautionsRead]);
        self::assertSame('18:21', $fold->situation()->tableAt->format('H:i'), 'by the heat found now: none was kept then');
        $meal = MealCook::query()->findOrFail(self::MEAL)->fold(now()->toDateTimeImmutable());
        self::assertSame(10, $meal->eaters);
        self::assertTrue($meal->progress('d1/rinse')->isDone());
        self::assertCount(1, array_filter(
            array_keys($meal->tasks), static fn (string $id): bool => $meal->takenBy($id) === 2,
        ));
        foreach ([self::DISH, self::MEAL, self::PRACTICE] as $id) {
            $this->get(route('meal-cook', $id))->assertOk();
            $this->get(route('meal-cook.alone', $id))->assertOk();
        }
        $this->get(route('cook', self::DISH))->assertRedirect(route('meal-cook', self::DISH));
        $this->get('/shelf')->assertSee('Back to');
    }

    public function test_taps_that_an_older_page_has_kept_are_taken_each_once(): void
    {
        $this->comesOver('edition-2', '2026-11-30 15:20:00');
        $at = now()->getTimestamp();
        $taps = array_map(static fn (array $one): array => [
            'id' => (string) Str::ulid(now()), 'at' => $at,
        ] + $one, [
            ['type' => 'done', 'subject' => 'filling-1'], ['type' => 'late', 'subject' => 'table', 'minutes' => 10],
            ['type' => 'caution-read', 'subject' => 'core'],
        ]);
        $to = '/cooks/'.self::DISH.'/events';
        foreach (['taken', 'known'] as $status) {
            $answer = $this->postJson($to, ['events' => $taps, 'body' => true])->assertOk();
            foreach (array_keys($taps) as $index) {
                $answer->assertJsonPath("events.{$index}.status", $status);
            }
            self::assertStringContainsString('data-dish="0"', (string) $answer->json('body'), 'the page goes on as that');
        }
        $undo = ['id' => (string) Str::ulid(now()), 'at' => $at, 'type' => 'undone', 'subject' => $taps[1]['id']];
        $this->postJson($to, ['events' => [$undo]])->assertJsonPath('events.0.status', 'taken');
        $fold = MealCook::query()->findOrFail(self::DISH)->fold(now()->toDateTimeImmutable());
        self::assertTrue($fold->dishes[0]->state->progress['filling-1']->isDone());
        self::assertSame([10, ['raw-poultry', 'core']], [$fold->lateMin(), $fold->dishes[0]->state->cautionsRead]);
        $this->get('/cooks/'.self::DISH.'/body?seen=7-1')
            ->assertRedirect(route('meal-cook.body', [self::DISH, 'seen' => '7-1']));
    }
}
