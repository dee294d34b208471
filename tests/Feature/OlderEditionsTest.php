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
use App\Models\StoveTest;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/** A database made by an older edition comes over with every dish, cook and lesson. */
final class OlderEditionsTest extends TestCase
{
    private const MIGRATED_AT = '2026-11-28 08:00:00';

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
        $this->file = (string) tempnam(sys_get_temp_dir(), 'orbek-old');
        file_put_contents(
            $this->file,
            (string) gzdecode((string) file_get_contents(dirname(__DIR__).'/data/edition-1.sqlite.gz')),
        );
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        // Amid the tables of its dishes: those behind are none any more, those ahead become meals.
        $this->travelTo(self::MIGRATED_AT);
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
            ] as $lot => [$likely, $sd, $used]
        ) {
            self::assertEqualsWithDelta($likely, Household::known()->lot($lot)->likely(), 0.06 * $likely, $lot);
            self::assertEqualsWithDelta($sd, Household::known()->lot($lot)->sd(), 0.2 * $sd, $lot);
            self::assertEqualsWithDelta($used, Household::known()->usedG($lot), 1.0, $lot);
        }
        foreach (['ring-1' => 1.0070, 'ring-2' => 1.1226] as $ring => $likely) {
            self::assertEqualsWithDelta(
                $likely, Household::known()->stove('steel-24', Kitchen::core()->burners[$ring])->likely(), 0.04, $ring,
            );
        }
        self::assertSame(0, Artisan::call('orbek:knowledge'));
    }

    public function test_every_place_opens(): void
    {
        $open = Cook::query()->open()->first() ?? self::fail('one was open');
        $dish = Dish::query()->where('name', 'like', 'Sour%')->firstOrFail();
        foreach (
            [
                '/shelf', '/shelf/put-away', '/notebook', '/kitchen', '/kitchen/lots/september-bag', '/kitchen/stoves',
                '/drill', route('pot', $dish), route('clock', $dish), route('dish.versions', $dish),
                route('cook', $open),
            ] as $path
        ) {
            $this->get($path)->assertOk();
        }
        $this->get('/shelf?find=walnut')->assertSee('Lentil, date and walnut polo')
            ->assertDontSee('<h2>Jackfruit', false);
        foreach (Cook::query()->get() as $cook) {
            $this->get(route('cook', $cook))->assertOk();
        }
    }
}
