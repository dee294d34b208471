<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateConnection;
use App\Database\ImmediateConnector;
use App\Drawings\Cards;
use App\Drawings\Hatches;
use App\Formats\CraftFiles;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LaidMeals;
use App\Models\RememberedLines;
use App\StandIns\PracticeClock;
use App\StandIns\Probe;
use App\StandIns\SimulatedProbe;
use App\View\Pages\Pages;
use App\Wording\Language;
use App\Wording\MadeUp;
use App\Wording\Wording;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use LogicException;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Planner;
use PDO;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        Connection::resolverFor(
            'sqlite',
            static fn (
                PDO|Closure $pdo, string $database, string $prefix, array $config,
            ): ImmediateConnection => new ImmediateConnection($pdo, $database, $prefix, $config),
        );
        /** @var array<string, Craft> $crafts by the language of whoever reads */
        $crafts = [];
        $this->app->bind(Craft::class, static function (Application $app) use (&$crafts): Craft {
            $say = $app->make(Wording::class);

            return $crafts[$say->locale] ??= CraftFiles::remembered(
                base_path('schema/craft'), $say, Cache::store('drawn'),
            );
        });
        $this->app->scoped(Hatches::class);
        $this->app->scoped(Wording::class, static fn (): Wording => new Wording(
            lang_path(), locale: config()->string('orbek.locale'),
        ));
        $this->app->when(Cards::class)->needs(Repository::class)->give(
            static fn (): Repository => Cache::store('drawn'),
        );
        $this->app->bind(
            FoundLines::class, static fn (): RememberedLines => new RememberedLines(Cache::store('drawn')),
        );
        $this->app->when(LaidMeals::class)->needs(Repository::class)->give(
            static fn (): Repository => Cache::store('drawn'),
        );
        $this->app->singleton(PracticeClock::class);
        $this->app->alias(PracticeClock::class, ClockInterface::class);
        $this->app->bind(Probe::class, SimulatedProbe::class);
        $this->app->bind(
            Planner::class,
            static fn (Application $app): Planner => Planner::in(
                Kitchen::core(),
                Household::known(),
                $app->make(ClockInterface::class)->now(), $app->make(FoundLines::class),
            ),
        );
        $this->app->bind(Household::class, static fn (): never => throw new LogicException('No household is in use.'));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // A probe may speak twice a second and no faster.
        RateLimiter::for(
            'readings',
            static fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->route('token')),
        );
        // Templates are laid out for those who read them; what goes out need not be.
        Blade::prepareStringsForCompilationUsing(
            static fn (string $template): string => (string) preg_replace('/\n[ \t]+/', "\n ", $template),
        );
        // What the core notes is put into words where it is shown.
        Blade::stringable(static fn (Note $note): string => app(Wording::class)->text($note));
        Blade::stringable(static fn (Quantity $quantity): string => app(Wording::class)->amount($quantity));
        $locale = config()->string('orbek.locale');
        $languages = [...Language::all(lang_path()), MadeUp::LOCALE];
        if (! in_array($locale, $languages, true)) {
            throw new LogicException(
                "ORBEK_LOCALE: \"{$locale}\" is no language here; give ".implode(' or ', $languages).'.',
            );
        }
        app(Wording::class)->share();
        foreach (Pages::OF as $view => $prepares) {
            View::composer($view, $prepares);
        }
        View::composer('components.layouts.place', static function (ViewContract $view): void {
            $kitchen = Kitchen::core();
            $clock = app(PracticeClock::class);
            $face = $clock->face();
            $view->with([
                'kitchen' => $kitchen,
                'isDemo' => app(Household::class)->is_demo,
                'hasOwn' => ! Auth::check() && Household::query()->where('is_demo', false)->exists(),
                'member' => Auth::user(),
                'practice' => $clock->isReal()
                    ? null
                    : app(Wording::class)->say(
                        'pages/layout.clock-shows',
                        at: app(Wording::class)->dated(
                            $clock->now()->setTimezone($kitchen->site->timezone), 'weekday-hour',
                        ),
                        speed: (int) round($face['speed']),
                    ),
            ]);
        });
    }
}
