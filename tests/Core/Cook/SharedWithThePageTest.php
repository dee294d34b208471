<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Task;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Pot\Knob;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a page works out alone, without its server, is worked out as here: the same cases are tried there (vitest). */
final class SharedWithThePageTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function steps(): iterable
    {
        foreach (self::cases('steps') as $case) {
            yield $case['what'] => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('steps')]
    public function test_steps_begin_and_end(array $case): void
    {
        $tasks = [];
        foreach ($case['steps'] as $step) {
            $tasks[$step['id']] = new Task(
                $step['id'], $step['minutes'], Attention::from($step['attention']), [],
                isset($step['follows']) ? [After::atOnce($step['follows'])] : [],
            );
        }
        $state = new Tasks($tasks);
        $id = static fn (int $n): string => sprintf('01JDJ7K%019d', $n);
        $events = [];
        foreach ($case['events'] as $n => $event) {
            $subject = is_int($event['subject']) ? $id($event['subject']) : $event['subject'];
            $events[] = Event::fromFields(Fields::of(['id' => $id($n), 'subject' => $subject] + $event));
        }
        foreach (Cook::counting($events) as $event) {
            $event->happenToSides($state);
        }
        $state->endWhatRanOut(new DateTimeImmutable("@{$case['now']}"));
        self::assertSame($case['is'], array_map(static fn (string $id): array => [
            'startedAt' => $state->progress[$id]->startedAt?->getTimestamp(),
            'doneAt' => $state->progress[$id]->doneAt?->getTimestamp(),
        ], array_column($case['steps'], 'id')));
    }

    public function test_a_knob_goes_to_its_nearest_setting_by_factors(): void
    {
        foreach (self::cases('knob') as $case) {
            $marks = array_map(
                static fn (int $percent): array => ['mark' => "at {$percent}", 'share' => $percent / 100], $case['settings'],
            );
            $knob = Knob::fromFields(Fields::of(['least' => 0.05, 'marks' => $marks]), 0.05);
            self::assertEqualsWithDelta(
                $case['nearest'] / 100, $knob->nearest($case['wanted'] / 100), 1e-9, json_encode($case) ?: '',
            );
        }
    }

    /** @return list<array<string, mixed>> */
    private static function cases(string $name): array
    {
        $read = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/data/shared/{$name}.json"), true);

        return is_array($read) ? array_values($read) : self::fail("{$name}.json is no list");
    }
}
