<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Heat\FoundLines;

/** Heats found by one test, for the others: a heat is looked for once. */
final class FoundBefore implements FoundLines
{
    /** @var array<string, non-empty-list<\Orbek\Core\Lid\HeatBlock>> */
    private array $lines = [];

    public static function get(): self
    {
        static $one = null;

        return $one ??= new self;
    }

    public function line(string $of, callable $find): array
    {
        return $this->lines[$of] ??= $find();
    }
}
