<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core computes and does nothing else: no framework, no application, no outside world. */
final class CoreIsPure
{
    public function testCoreKnowsNothingAroundIt(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Orbek\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Orbek\Core'),
                Selector::classname(
                    '/^(BackedEnum|UnitEnum|DateTimeImmutable|DateTimeInterface|DateTimeZone|Exception|InvalidArgumentException|LogicException|RuntimeException|stdClass)$/',
                    true,
                ),
            )
            ->because('plan, cook and knowledge are pure functions');
    }

    public function testMeasuresKnowOnlyMeasures(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Orbek\Core\Measure'))
            ->shouldNotDependOn()
            ->classes(
                Selector::AllOf(
                    Selector::inNamespace('Orbek\Core'),
                    Selector::Not(Selector::inNamespace('Orbek\Core\Measure')),
                ),
            )
            ->because('units are the ground everything else stands on');
    }
}
