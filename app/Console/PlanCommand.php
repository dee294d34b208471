<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use App\Formats\PlanJson;
use App\Wording\Wording;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Orbek\Core\Dish\Editions;
use Orbek\Core\Dish\Table;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** plan = f(dish, kitchen, knowledge), from the command line. */
final class PlanCommand extends Command
{
    use ReadsFiles;
    use SaysWords;

    protected $signature = 'orbek:plan
        {file : an Orbek dish document, or - for standard input}
        {--kitchen= : an Orbek kitchen document; without it the sample kitchen}
        {--eaters= : so many, in place of those of the dish}
        {--at= : on the table then, local to the kitchen, such as 2026-11-28T19:30; else as soon as it can be}
        {--json : print the whole plan as JSON}';

    protected $description = 'Plan a dish: amounts, boil, layers, heat, tasks with clock times, cautions';

    /**
     * When it is to be on the table: as asked, or as a file of edition 1 has it; null for as soon as it can be.
     *
     * @throws Refused
     */
    private function tableAt(string $file, Kitchen $kitchen): ?DateTimeImmutable
    {
        $document = json_decode($file, true);
        $at = $this->option('at') ?? Editions::servedAt(is_array($document) ? $document : []);

        return $at === null ? null : Meal::read($at, '--at', $kitchen->site->timezone);
    }

    public function handle(ClockInterface $clock, Wording $say): int
    {
        try {
            $plan = $this->plan($clock);
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
        if ($this->option('json')) {
            return $this->print(PlanJson::of($plan, $say));
        }
        $this->tell($plan, $say);

        return self::SUCCESS;
    }

    /** @throws Refused */
    private function plan(ClockInterface $clock): Plan
    {
        $kitchen = OpenFile::kitchen($this->read($this->option('kitchen') ?? database_path('demo/kitchen.json')));
        $file = $this->read($this->argument('file'));
        $dish = OpenFile::dish($file);
        $eaters = $this->option('eaters');
        if ($eaters !== null) {
            $said = Fields::of(['--eaters' => is_numeric($eaters) ? $eaters + 0 : $eaters]);
            $dish = $dish->changed('usual/eaters', $said->whole('--eaters', 1, Table::MOST_EATERS));
        }

        return Planner::in($kitchen, Knowledge::none(), $clock->now())
            ->plan($dish, [], $this->tableAt($file, $kitchen));
    }

    private function tell(Plan $plan, Wording $say): void
    {
        $this->line($this->say(
            'commands.on-the-table', dish: $plan->dish->name, at: $say->dated($plan->day->tableAt, 'day-hour'),
        ));
        foreach ($plan->ingredients as $ingredient) {
            $this->line(sprintf('  %10s  %s', $say->amount($ingredient->amount), $say->text($ingredient->name)));
        }
        $lift = $plan->boil()?->liftAt;
        if ($lift !== null) {
            $this->line($this->say('commands.lift-at', at: $lift, from: $lift->from(), by: $lift->by()));
        }
        foreach ($plan->day->tasks as $id => $work) {
            $this->line('  '.$this->say(
                'commands.task', at: $plan->day->startsAt($id), task: $work->name, minutes: $work->task->minutes,
            ));
        }
        foreach ($plan->faults() as $fault) {
            $this->line('! '.$say->text($fault->says()));
        }
        foreach ($plan->mends() as $mend) {
            $this->line('  → '.$say->text($mend->label));
        }
        foreach ($plan->clashes as $clash) {
            $this->line('! '.$say->label($clash->station).': '.$say->text($clash->says));
        }
    }
}
