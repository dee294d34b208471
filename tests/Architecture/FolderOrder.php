<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Each folder of core/ may use those above it, never those below (docs/architecture.md draws the order). */
final class FolderOrder
{
    /** From the ground up; what stands in one line may use one another's neighbours, never a ring. */
    public const ORDER = [
        'Measure', 'Care', 'Rice', 'Glass', 'Water', 'Filling', 'Pot', 'Lid', 'Heat', 'Clock', 'Learning', 'Kitchen', 'Dish',
        'Meal',
        'Plan', 'Edit', 'Cook', 'Drill',
    ];

    /** @return iterable<Rule> */
    #[TestRule]
    public function everyFolderUsesOnlyThoseAboveIt(): iterable
    {
        foreach (self::ORDER as $place => $folder) {
            $below = array_slice(self::ORDER, $place + 1);
            if ($below === []) {
                continue;
            }
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace("Orbek\\Core\\{$folder}"))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(static fn (string $other) => Selector::inNamespace("Orbek\\Core\\{$other}"), $below),
                )
                ->because("core/{$folder} stands above them");
        }
    }
}
