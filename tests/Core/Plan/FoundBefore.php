<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Heat\FoundLine;
use Orbek\Core\Heat\FoundLines;

/** Heats found by one test, for the others: a heat is looked for once. */
final class FoundBefore implements FoundLines
{
    /** @var array<string, FoundLine> */
    private array $lines = [];

    public static function get(): self
    {
        static $one = null;

        return $one ??= new self;
    }

    public function line(string $of, string $ring, callable $find): FoundLine
    {
        return $this->lines[$of] ??= $find();
    }
}
