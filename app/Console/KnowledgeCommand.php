<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Household;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Learning\Knowledge;
use Psr\Clock\ClockInterface;

/**
 * Compares what is kept as known with all lessons folded from the beginning. Where those were made under older laws of
 * the closed pot, the cooks are read again first.
 */
final class KnowledgeCommand extends Command
{
    use SaysWords;

    /** Sums of rounded logarithms drift by less. */
    private const SAME = 1e-3;

    protected $signature = 'orbek:knowledge
        {--mend : write what the lessons give where it differs}
        {--older : only where lessons were made under older laws of the closed pot}';

    protected $description = 'Fold every lesson again and compare with what is kept';

    public function handle(ClockInterface $clock): int
    {
        $off = 0;
        foreach (Household::query()->get() as $household) {
            if ($this->option('older') === true && $household->laws >= Knowledge::LAWS) {
                continue;
            }
            $this->laravel->instance(Household::class, $household);
            if ($this->option('mend') === true && Household::readAgain($clock->now())) {
                $this->line($this->say('commands.read-again', household: $household->name));
            }
            $off += DB::transaction(fn (): int => $this->compared($household));
        }

        return $off === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function compared(Household $household): int
    {
        $again = Household::foldedAgain();
        $apart = Household::known()->distance($again);
        $this->line($this->say('commands.differ', household: $household->name, apart: sprintf('%.1e', $apart)));
        if ($apart > self::SAME && $this->option('mend') === true) {
            $household->update(['knowledge' => $again->toArray()]);
            $this->line($this->say('commands.mended', household: $household->name));

            return 0;
        }

        return (int) ($apart > self::SAME);
    }
}
