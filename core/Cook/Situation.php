<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\Schedule;

/** One thing now, the next under it, what runs beside it, and when all will stand on the table. */
final readonly class Situation
{
    /** @param  list<string>  $running tasks that run beside the one now */
    public function __construct(
        public ?string $now,
        public ?string $next,
        /** Whether the next begins by itself when the one now is done. */
        public bool $nextFollows,
        public array $running,
        /** What is still to do, counted back from the table. */
        public Schedule $schedule,
        public DateTimeImmutable $tableAt,
    ) {
    }

    /** When a task is to start as laid now. */
    public function startsAt(string $task): DateTimeImmutable
    {
        return $this->tableAt->modify("{$this->schedule->start($task)} minutes");
    }
}
