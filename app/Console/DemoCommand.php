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
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Loads the sample kitchen, but never over anything that is there. */
final class DemoCommand extends Command
{
    use SaysWords;

    protected $signature = 'orbek:demo';

    /** So many meals stand on the Shelf. */
    private const AHEAD = 6;

    protected $description = 'Load the demo kitchen into an empty database';

    public function handle(): int
    {
        if (Household::query()->count() > 0) {
            $this->moveAhead();
            $this->lay();
            $this->line($this->say('commands.not-empty'));

            return self::SUCCESS;
        }
        DB::transaction(fn () => $this->laravel->call([$this->laravel->make(DatabaseSeeder::class), 'run']));
        $this->lay();
        $this->line($this->say('commands.demo-loaded'));

        return self::SUCCESS;
    }

    /** Tables ahead are laid, so that the Shelf can draw them: what was drawn before is cleared with each start. */
    private function lay(): void
    {
        $this->laravel->instance(Household::class, Household::inUse());
        if (! Kitchen::query()->exists()) {
            return;
        }
        $now = $this->laravel->make(ClockInterface::class)->now()->setTimezone(Kitchen::core()->site->timezone);
        foreach (Meal::query()->ahead($now)->limit(self::AHEAD)->get() as $meal) {
            try {
                $this->laravel->make(LaidMeals::class)->plan($meal);
            } catch (Refused) {
                // What cannot be cooked here says so on its own page.
                continue;
            }
        }
    }

    /** Meals of the sample kitchen that nobody cooked are ahead again. */
    private function moveAhead(): void
    {
        $demo = Household::query()->where('is_demo', true)->first();
        if ($demo !== null) {
            $this->laravel->instance(Household::class, $demo);
            $now = $this->laravel->make(ClockInterface::class)->now();
            Meal::moveDemoAhead($now->setTimezone(Kitchen::core()->site->timezone));
        }
    }
}
