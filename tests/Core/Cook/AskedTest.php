<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Asked;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Cook\TasteSaid;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What a running step asks for: its look, a taste, the pressure cooker; and what a look too late leaves to do. */
final class AskedTest extends TestCase
{
    private const AT = 1_796_000_000;

    public function test_a_look_is_asked_for_from_its_least_minutes_on_and_meat_may_go_under_pressure(): void
    {
        $fold = $this->fold([['started', 'filling-2', 0]], 10);
        $asked = Asked::of($fold, $fold->situation(), 'd1/filling-2');

        self::assertSame('the juice runs clear at the bone', $asked?->look);
        self::assertSame([30, 55], [
            ($asked->from->getTimestamp() - self::AT) / 60, ($asked->tooFarFrom->getTimestamp() - self::AT) / 60,
        ]);
        self::assertTrue($asked->isTender);
        self::assertSame([4, 10], [$asked->moreMin, $asked->underPressureMin], '30 min of a simmer are 10');
        // Told to end then, it does; with little left it is not offered.
        $pressed = $this->fold([['started', 'filling-2', 0], ['lengthened', 'filling-2', 10, ['ends_in' => 10]]], 11);
        self::assertSame(self::AT + 20 * 60, $pressed->endsAt('d1/filling-2')?->getTimestamp());
        self::assertNull(Asked::of($pressed, $pressed->situation(), 'd1/filling-2')?->underPressureMin);
        $brown = $this->fold([['started', 'filling-1', 0]], 1);
        self::assertNull(Asked::of($brown, $brown->situation(), 'd1/filling-1')?->underPressureMin);
        self::assertNull(Asked::of($brown, $brown->situation(), 'd1/filling-2'), 'it does not run');
    }

    public function test_what_is_tasted_is_mended_in_spoons_and_only_where_it_is_tasted(): void
    {
        $says = [];
        foreach (['right', 'flat', 'salty', 'sour', 'dull'] as $taste) {
            $fold = $this->fold([['started', 'filling-2', 0], ['tasted', 'filling-2', 5, ['taste' => $taste]]], 6);
            $says[$taste] = Sample::say(Asked::of($fold, $fold->situation(), 'd1/filling-2')->mend ?? '');
        }
        // 2.117 kg of it, the thighs whole: 2 g of salt, 80 ml of water, 4 g of sugar, 8 ml of lemon juice a kg.
        self::assertStringContainsString('4.2 g of salt', $says['flat']);
        self::assertStringContainsString('169 ml of hot water', $says['salty']);
        self::assertStringContainsString('8.5 g of sugar', $says['sour']);
        self::assertStringContainsString('17 ml of lemon juice', $says['dull']);
        self::assertSame('It is right as it is.', $says['right']);
        $twice = $this->fold([
            ['started', 'filling-2', 0], ['tasted', 'filling-2', 5, ['taste' => 'flat']],
            ['tasted', 'filling-2', 7, ['taste' => 'right']],
        ], 8);
        self::assertSame([TasteSaid::Flat, TasteSaid::Right], array_column($twice->dishes[0]->state->tastings, 1));
        $water = $this->fold([['started', 'heat-water', 0], ['tasted', 'heat-water', 5, ['taste' => 'salty']]], 6);
        self::assertStringContainsString('off and put boiling water in its place', Sample::say(
            Asked::of($water, $water->situation(), 'd1/heat-water')->mend ?? '',
        ));
        self::assertNull($this->fold([['tasted', 'rinse', 5, ['taste' => 'flat']]], 6)->last, 'nothing to taste');
    }

    public function test_a_look_too_late_says_what_to_do_till_the_next_tap(): void
    {
        $events = [['started', 'filling-1', 0], ['done', 'filling-1', 22, ['how' => 'too-far']]];
        self::assertStringContainsString(
            'Brown the thighs went too far in 22 min', Sample::say(Asked::saidOf($this->fold($events, 23)) ?? ''),
        );
        self::assertSame(['filling-1'], $this->fold($events, 23)->dishes[0]->state->tooFar, 'the record keeps it');
        self::assertNull(Asked::saidOf($this->fold([...$events, ['started', 'filling-2', 24]], 25)));
        self::assertNull(Asked::saidOf($this->fold([['started', 'filling-1', 0], ['done', 'filling-1', 14]], 15)));
    }

    /** @param  list<array{0: string, 1: string, 2: int, 3?: array<string, mixed>}>  $events type, task, minute, more */
    private function fold(array $events, int $minute): MealCook
    {
        return Sample::alone($this->plan(), array_map(static fn (array $event, int $n): Event => Event::fromFields(
            Fields::of([
                'id' => sprintf('01JDJ7K%019d', $n), 'type' => $event[0], 'subject' => $event[1],
                'at' => self::AT + 60 * $event[2],
            ] + ($event[3] ?? [])),
        ), $events, array_keys($events)), new DateTimeImmutable('@'.(self::AT + 60 * $minute)));
    }

    private function plan(): Plan
    {
        return Sample::plan();
    }
}
