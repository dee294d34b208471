<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Leftovers;
use Orbek\Core\Cook\LeftoversGone;
use Orbek\Core\Measure\Fields;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What was left, when it went into the fridge, till when it is good. */
final class LeftoversTest extends TestCase
{
    private int $made = 0;

    public function test_two_hours_at_the_table_and_three_days_from_then(): void
    {
        $served = new DateTimeImmutable('2026-11-28 19:30');
        $left = new Leftovers(3, $served->modify('+120 minutes'), $served, 20);
        self::assertTrue($left->isInTime());
        self::assertSame('2026-12-01 19:30', $left->eatBy()->format('Y-m-d H:i'));
        self::assertFalse($left->isPast($served->modify('+3 days')));
        self::assertTrue($left->isPast($served->modify('+3 days +1 minute')));
        self::assertFalse((new Leftovers(3, $served->modify('+121 minutes'), $served, 20))->isInTime());
        self::assertFalse(
            (new Leftovers(3, $served->modify('+61 minutes'), $served, 33))->isInTime(), 'one hour in a hot room',
        );
        self::assertTrue((new Leftovers(3, $served->modify('+60 minutes'), $served, 33))->isInTime());
    }

    public function test_they_are_what_was_said_last_till_they_are_gone(): void
    {
        $events = [$this->event('served', 0), $this->event('chilled', 40, ['portions' => 4])];
        self::assertSame(4, $this->fold($events)->leftovers()?->portions);
        $events[] = $this->event('chilled', 50, ['portions' => 3]);
        $fold = $this->fold($events);
        self::assertSame([3, 50], [$fold->leftovers()?->portions, $fold->leftovers()?->stoodMin()]);
        $gone = $this->event('leftovers', 900, ['how' => 'eaten']);
        self::assertNull($this->fold([...$events, $gone])->leftovers());
        self::assertSame(LeftoversGone::Eaten, $this->fold([...$events, $gone])->state->leftoversGone);
        self::assertSame(
            3,
            $this->fold(
                [...$events, $gone, $this->event('undone', 901, ['subject' => $gone->id])]
            )->leftovers()?->portions,
        );
        self::assertNull(
            $this->fold([$this->event('chilled', 10, ['portions' => 2])])->leftovers(),
            'nothing is left of what nobody was served',
        );
    }

    public function test_lines_written_later_are_kept_in_order_and_bad_ones_refused(): void
    {
        $fold = $this->fold(
            [
                $this->event('remarked', 700, ['line' => 'at breakfast it was dry']),
                $this->event('remarked', 900, ['line' => 'fine on Monday']),
            ]
        );
        self::assertSame(
            ['at breakfast it was dry', 'fine on Monday'],
            array_map(static fn ($one): string => $one->line, $fold->state->remarks),
        );
        foreach (
            [
                ['chilled', ['portions' => 0]], ['chilled', ['portions' => 41]], ['chilled', []],
                ['leftovers', ['how' => 'lost']], ['remarked', ['line' => '']],
            ] as [$type, $more]
        ) {
            self::assertNotSame('', Sample::refused(fn (): Event => $this->event($type, 10, $more)));
        }
    }

    /** @param  list<Event>  $events */
    private function fold(array $events): Cook
    {
        return Cook::fold(Sample::plan(), $events, new DateTimeImmutable('2026-11-30 12:00'));
    }

    /** @param  array<string, mixed>  $more */
    private function event(string $type, int $minutes, array $more = []): Event
    {
        return Event::fromFields(Fields::of([
            'id' => sprintf('01JDJ7K%019d', ++$this->made), 'type' => $type,
            'at' => (new DateTimeImmutable('2026-11-28 19:30'))->getTimestamp() + 60 * $minutes,
        ] + $more));
    }
}
