<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Task;
use Orbek\Core\Measure\Note;

/** A task of a dish: what it is and what it is called, beside its place on the clock. */
final readonly class DishTask
{
    public function __construct(
        public WorkKind $kind,
        /** Which of its kind: a batch, a step, a stretch of heat. */
        public int $index,
        public Task $task,
        public Note $name,
        public ?Note $detail,
        /** What the cook says when it begins, and when it is done. */
        public Note $begin,
        public Note $finish,
        /** How long ahead what it makes keeps; null where it must be used at once. */
        public ?Note $keeps,
        /** What is to be minded at this piece of work, and at no other of its station. */
        public ?Caution $caution = null,
        /** What ends it beside its minutes. */
        public ?EndsBy $endsBy = null,
    ) {
    }
}
