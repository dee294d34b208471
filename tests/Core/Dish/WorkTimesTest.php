<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Clock\Attention;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\WorkTimes;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Work\WorkKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Minutes of the craft's work are data: what stands there is what is planned. */
final class WorkTimesTest extends TestCase
{
    public function test_every_kind_of_work_has_its_row_and_no_row_is_of_none(): void
    {
        self::assertEqualsCanonicalizing(array_column(WorkKind::cases(), 'value'), array_keys(self::rows()));
    }

    public function test_what_stands_there_is_planned(): void
    {
        foreach ([[6, 60], [11, 25]] as [$minutes, $waits]) {
            $craft = Sample::craftWith(['work' => array_replace_recursive(
                self::rows(), ['rinse' => ['minutes' => $minutes, 'hands' => 'start'], 'soak' => ['waits' => $waits]],
            )]);
            $plan = Sample::plan(Dish::fromArray(Sample::polo()->toArray(), $craft));
            $rinse = $plan->day->task('rinse')->task;
            self::assertSame([$minutes, Attention::AtStart], [$rinse->minutes, $rinse->attention]);
            $gaps = array_column($plan->day->task('boil')->task->after, 'mostMin', 'task');
            self::assertSame($waits, $gaps['soak']);
        }
    }

    public function test_a_row_that_cannot_be_is_refused_by_kind_and_field(): void
    {
        foreach ([
            'work/rinse/minutes: -1' => ['rinse' => ['minutes' => -1]], 'work/soak/waits: 2000' => ['soak' => ['waits' => 2000]],
            'work/boil/hands: "two"' => ['boil' => ['hands' => 'two']],
        ] as $says => $rows) {
            try {
                WorkTimes::fromArray($rows);
                self::fail("{$says} was taken");
            } catch (Refused $wrong) {
                self::assertStringStartsWith($says, Sample::wording()->refusal($wrong));
            }
        }
    }

    /** @return array<string, array<string, mixed>> */
    private static function rows(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 3).'/schema/craft/work.json'), true);
    }
}
