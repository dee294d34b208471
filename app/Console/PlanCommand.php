<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use Illuminate\Console\Command;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** plan = f(dish, kitchen, knowledge), from the command line. */
final class PlanCommand extends Command
{
    use ReadsFiles;

    protected $signature = 'orbek:plan
        {file : an Orbek dish document, or - for standard input}
        {--kitchen= : an Orbek kitchen document; without it the sample kitchen}
        {--json : print the whole plan as JSON}';

    protected $description = 'Plan a dish: amounts, boil, layers, heat, tasks with clock times, cautions';

    public function handle(ClockInterface $clock): int
    {
        try {
            $kitchen = OpenFile::kitchen($this->read($this->option('kitchen') ?? database_path('demo/kitchen.json')));
            $plan = Planner::in($kitchen, Knowledge::none(), $clock->now())->plan(OpenFile::dish($this->read($this->argument('file'))));
        } catch (OutOfRange $wrong) {
            return $this->refuse($wrong);
        }

        if ($this->option('json')) {
            return $this->print($plan->toArray());
        }

        $this->line($plan->dish->name.', on the table '.$plan->tableAt->format('l j F H:i'));
        foreach ($plan->ingredients as $ingredient) {
            $this->line(sprintf('  %10s  %s', $ingredient->amount->text(), $ingredient->name));
        }
        if ($plan->boil !== null) {
            $this->line(sprintf('Lift at %s, test from %s, by %s.', $plan->boil->liftAt->text(), $plan->boil->liftAt->fromText(), $plan->boil->liftAt->byText()));
        }
        foreach ($plan->schedule->tasks as $id => $task) {
            $this->line(sprintf('  %s  %s (%d min)', $plan->timeAt($plan->schedule->start($id))->format('H:i'), $task->name, $task->minutes));
        }
        foreach ($plan->clashes as $clash) {
            $this->line('! '.$clash->station->label().': '.$clash->says);
        }

        return self::SUCCESS;
    }
}
