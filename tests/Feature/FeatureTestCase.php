<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\PictureFile;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Photograph;
use App\Models\Shows;
use App\StandIns\Camera;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Cache\ArrayStore;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;

/** The application on the demo kitchen, in memory. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    private static ?ArrayStore $drawn = null;

    protected bool $seed = true;

    protected string $seeder = DatabaseSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        app()->instance(Household::class, Household::query()->firstOrFail());
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        // What was found and drawn for the same documents is remembered from test to test, as it is by a server.
        config(['cache.stores.drawn.driver' => 'remembered']);
        $drawn = self::$drawn ??= new ArrayStore;
        Cache::extend('remembered', fn (): Repository => Cache::repository($drawn));

        return $app;
    }

    protected function dish(): Dish
    {
        return Dish::query()->where('name', 'Sour-cherry polo with chicken thighs')->firstOrFail();
    }

    /**
     * Which kitchen a page would have shown, and its version.
     *
     * @return array{kitchen: string, version: int}
     */
    protected function seenKitchen(?int $version = null): array
    {
        return ['kitchen' => Kitchen::inUse()->id, 'version' => $version ?? Kitchen::inUse()->version];
    }

    /** The demo dish's plan, as the pages show it. */
    protected function plan(): Plan
    {
        return app(Planner::class)->plan($this->dish()->core());
    }

    /** A cook's crust, as the simulated camera sees it. */
    protected function photograph(): Photograph
    {
        $cook = Cook::query()->whereNotNull('served_at')->oldest('started_at')->firstOrFail();

        return Photograph::keep(
            strtolower((string) Str::ulid()), $cook, Shows::Crust, PictureFile::of((new Camera)->crust(0.8)),
            $cook->started_at->toDateTimeImmutable(),
        );
    }

    /** As if it had never been cooked. */
    protected static function forget(Cook $cook): void
    {
        $cook->delete();
        $cook->ofMeal()->delete();
    }

    protected function begun(): Cook
    {
        return $this->begunOf($this->dish()->name);
    }

    protected function begunOf(string $name): Cook
    {
        $id = (string) Str::ulid();
        $this->post(
            route('cook.begin', Dish::query()->where('name', $name)->firstOrFail()),
            ['cook' => $id],
        )->assertRedirect();

        return Cook::query()->findOrFail(strtolower($id));
    }
}
