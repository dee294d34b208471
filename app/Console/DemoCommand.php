<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Household;
use App\Models\Kitchen;
use App\Models\LaidMeals;
use App\Models\Meal;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Loads the sample kitchen, but never over anything that is there. */
final class DemoCommand extends Command
{
    protected $signature = 'orbek:demo';

    protected $description = 'Load the demo kitchen into an empty database';

    public function handle(): int
    {
        if (Household::query()->count() > 0) {
            $this->moveAhead();
            $this->line('The database is not empty; nothing was loaded.');

            return self::SUCCESS;
        }
        DB::transaction(fn () => $this->laravel->call([$this->laravel->make(DatabaseSeeder::class), 'run']));
        // Its tables are laid, so that the Shelf can draw them.
        $this->laravel->instance(Household::class, Household::inUse());
        foreach (Meal::query()->get() as $meal) {
            $this->laravel->make(LaidMeals::class)->plan($meal);
        }
        $this->line('The demo kitchen is loaded.');

        return self::SUCCESS;
    }

    /** Meals of the sample kitchen that nobody cooked are ahead again. */
    private function moveAhead(): void
    {
        $demo = Household::query()->where('is_demo', true)->first();
        if ($demo !== null) {
            $this->laravel->instance(Household::class, $demo);
            $now = $this->laravel->make(ClockInterface::class)->now();
            Meal::moveDemoAhead($now->setTimezone(Kitchen::core()->timezone));
        }
    }
}
