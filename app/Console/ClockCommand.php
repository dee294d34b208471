<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\OpenFile;
use Illuminate\Console\Command;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Clock\Short;
use Orbek\Core\Measure\Refused;

/** Lays tasks on one clock: first the least busy minutes, then the least waiting. */
final class ClockCommand extends Command
{
    use ReadsFiles;

    protected $signature = 'orbek:clock
        {file : tasks as orbek-tasks/1 has them, or - for standard input}
        {--json : print the result as JSON}
        {--at-once : the plan that stands after some 0.3 s}';

    protected $description = 'Lay tasks on one clock, with a bound that no plan can beat';

    public function handle(): int
    {
        try {
            $tasks = OpenFile::tasks($this->read($this->argument('file')));
        } catch (Refused $wrong) {
            return $this->refuse($wrong);
        }
        $steps = $this->option('at-once') ? Laying::AT_ONCE : Laying::BETTERED;
        try {
            $laid = Laying::of($tasks->jobs, $tasks->things, $tasks->hotWithinMin, $steps);
        } catch (CannotBeLaid $wrong) {
            fwrite(STDERR, $wrong->getMessage().PHP_EOL);

            return self::FAILURE;
        }
        $short = Short::of($tasks->jobs, $tasks->things, $tasks->hotWithinMin, $laid, intdiv(Laying::AT_ONCE, 4));
        if ($this->option('json')) {
            return $this->print([
                'starts' => $laid->starts, 'busy_min' => $laid->busyMin, 'waiting' => $laid->waiting,
                'bound_min' => $laid->boundMin,
                'short_of' => array_map(static fn (Short $one): array => [
                    'thing' => $one->thing, 'from_min' => $one->fromMin, 'to_min' => $one->toMin,
                    'gain_min' => $one->gainMin,
                ], $short),
            ]);
        }
        $this->tell($laid, $short);

        return self::SUCCESS;
    }

    /** @param  list<Short>  $short */
    private function tell(Laid $laid, array $short): void
    {
        $starts = $laid->starts;
        asort($starts);
        foreach ($starts as $id => $start) {
            $this->line(sprintf('%6d min  %s', $start, $id));
        }
        $this->line("{$laid->busyMin} min in the kitchen; it cannot be under {$laid->boundMin}.");
        foreach ($short as $one) {
            $this->line("One more of {$one->thing} would save {$one->gainMin} min.");
        }
    }
}
