<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\MealFile;
use App\Formats\OpenFile;
use App\Formats\TasksFile;
use Illuminate\Console\Command;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Clock\Short;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** Lays tasks on one clock: first the least busy minutes, then the least waiting. */
final class ClockCommand extends Command
{
    use ReadsFiles;
    use SaysWords;

    protected $signature = 'orbek:clock
        {file : tasks (orbek-tasks/1), or a meal with its dishes (orbek-meal/1), or - for standard input}
        {--kitchen= : an Orbek kitchen document for a meal; without it the sample kitchen}
        {--json : print the result as JSON}
        {--at-once : the plan that stands after some 0.3 s, without what it is short of}
        {--short : what it is short of as well, which takes seconds}';

    protected $description = 'Lay tasks on one clock, with a bound that no plan can beat';

    public function handle(ClockInterface $clock): int
    {
        try {
            $json = $this->read($this->argument('file'));
            $tasks = str_contains(str_replace('\\/', '/', $json), CoreMeal::FORMAT)
                ? $this->ofMeal($json, $clock)
                : OpenFile::tasks($json);
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
        $steps = $this->option('at-once') ? Laying::AT_ONCE : Laying::BETTERED;
        try {
            $laid = Laying::of($tasks->jobs, $tasks->things, $tasks->hotWithinMin, $steps);
        } catch (CannotBeLaid $wrong) {
            fwrite(STDERR, preg_replace('/[\p{Cc}]+/u', ' ', $wrong->getMessage()).PHP_EOL);

            return self::FAILURE;
        }
        $isAnalysed = $this->option('at-once') !== true || $this->option('short') === true;
        $short = $isAnalysed
            ? Short::of($tasks->jobs, $tasks->things, $tasks->hotWithinMin, $laid, intdiv(Laying::AT_ONCE, 4))
            : null;
        if ($this->option('json')) {
            return $this->print([
                'starts' => $laid->starts, 'busy_min' => $laid->busyMin, 'waiting' => $laid->waiting,
                'bound_min' => $laid->boundMin,
                'short_of' => $short === null ? null : array_map(static fn (Short $one): array => [
                    'thing' => $one->thing, 'from_min' => $one->fromMin, 'to_min' => $one->toMin,
                    'gain_min' => $one->gainMin,
                ], $short),
            ]);
        }
        $this->tell($laid, $short ?? []);

        return self::SUCCESS;
    }

    /** @throws Refused */
    private function ofMeal(string $json, ClockInterface $clock): TasksFile
    {
        $read = MealFile::read($json);
        $kitchen = OpenFile::kitchen($this->read($this->option('kitchen') ?? database_path('demo/kitchen.json')));
        $planner = MealPlanner::in(
            $kitchen, Planner::in($kitchen, Knowledge::none(), $clock->now()), $clock->now(),
        );
        $plan = $planner->plan($read->meal, $read->dishes);

        return TasksFile::ofMeal($plan, $planner->things($read->meal));
    }

    /** @param  list<Short>  $short */
    private function tell(Laid $laid, array $short): void
    {
        $starts = $laid->starts;
        asort($starts);
        foreach ($starts as $id => $start) {
            $this->line(sprintf('%10s  %s', $this->say('units.min', n: $start), $id));
        }
        $this->line($this->say('commands.in-the-kitchen', busyMin: $laid->busyMin, boundMin: $laid->boundMin));
        foreach ($short as $one) {
            $this->line($this->say('commands.one-more', thing: $one->thing, gainMin: $one->gainMin));
        }
    }
}
