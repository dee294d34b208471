<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Storing;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;

/** What is said where nothing can be stored. */
final class StoringTest extends FeatureTestCase
{
    #[TestWith(['SQLSTATE[HY000]: General error: 13 database or disk is full', 507, 'Make room there.'])]
    #[TestWith(['attempt to write a readonly database', 503, 'it is read-only'])]
    #[TestWith(['unable to open database file', 503, 'cannot open its database'])]
    #[TestWith(['no such table: cooks', 503, 'of an older Orbek'])]
    #[TestWith(['file is not a database', 503, 'is no database'])]
    #[TestWith(['database disk image is malformed', 503, 'is damaged'])]
    #[TestWith(['disk I/O error', 503, 'disk fails'])]
    #[TestWith(['database is locked', 503, 'is busy'])]
    public function test_each_failure_says_what_is_wrong_and_that_nothing_tapped_is_lost(
        string $failure, int $status, string $says,
    ): void {
        [$told, $said] = Storing::says(new RuntimeException('asked', 0, new RuntimeException($failure))) ?? [0, ''];
        self::assertSame($status, $told);
        self::assertStringContainsString($says, $said);
        self::assertStringEndsWith('What was tapped stays on this device and is sent again.', $said);
    }

    public function test_what_is_no_failure_of_storing_is_left_alone(): void
    {
        self::assertNull(Storing::says(new RuntimeException('a mistake')));
    }
}
