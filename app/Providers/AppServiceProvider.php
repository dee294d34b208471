<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Cook;
use App\Models\Household;
use App\Models\Kitchen;
use App\StandIns\PracticeClock;
use App\StandIns\Probe;
use App\StandIns\SimulatedProbe;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use LogicException;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PracticeClock::class);
        $this->app->alias(PracticeClock::class, ClockInterface::class);
        $this->app->bind(Probe::class, SimulatedProbe::class);
        $this->app->bind(Planner::class, static fn (Application $app): Planner => Planner::in(Kitchen::core(), Cook::knowledge(), $app->make(ClockInterface::class)->now()));
        $this->app->bind(Household::class, static fn (): never => throw new LogicException('No household is in use.'));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        View::composer('components.figure', static function (ViewContract $view): void {
            $kitchen = once(static fn (): CoreKitchen => Kitchen::core());
            $view->with(['cookUnits' => $kitchen->units, 'cookCup' => $kitchen->cup]);
        });
        View::composer('components.layouts.place', static function (ViewContract $view): void {
            $kitchen = Kitchen::core();
            $clock = app(PracticeClock::class);
            $face = $clock->face();
            $view->with([
                'kitchen' => $kitchen,
                'practice' => $clock->isReal() ? null : $clock->now()->setTimezone($kitchen->timezone)->format('l H:i').($face['speed'] > 1 ? ', '.round($face['speed']).' times as fast' : ''),
            ]);
        });
    }
}
